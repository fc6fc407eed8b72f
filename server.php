<?php

declare(strict_types=1);

/*
 * Front door of PHP's own web server: hashed assets go out compressed and cacheable for a year, everything else goes to
 * the application. Behind another web server, serve public/ and set the same headers for public/build.
 */

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
// No file has a null byte in its name; the application says what to think of it.
$file = str_contains($path, "\0") ? false : realpath(__DIR__.'/public'.$path);
$public = realpath(__DIR__.'/public').DIRECTORY_SEPARATOR;

if ($file !== false && is_file($file) && str_starts_with($file, $public) && !str_ends_with($file, '.php')) {
    $types = [
        'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2', 'json' => 'application/json', 'txt' => 'text/plain; charset=utf-8', 'ico' => 'image/x-icon',
    ];
    $extension = pathinfo($file, PATHINFO_EXTENSION);
    header('Content-Type: '.($types[$extension] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header(str_starts_with($path, '/build/assets/')
        ? 'Cache-Control: public, max-age=31536000, immutable'
        : 'Cache-Control: public, max-age=3600');
    $packed = $file.'.gz';
    if (is_file($packed) && str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file = $packed;
    }
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}

ini_set('zlib.output_compression', '1');
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/public/index.php';

return true;
