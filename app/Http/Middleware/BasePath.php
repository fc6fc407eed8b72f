<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Pages write their addresses from the root of Cresco. Where it does not stand at the root of its host, the path to it is set before
 * them on the way out: https://example.net/cresco/tanks/1. Redirects know it by themselves.
 */
final class BasePath
{
    private const ADDRESSES = '#(\s(?:href|action|formaction|src|hx-get|hx-post|hx-put|hx-delete|data-progress|data-root)=")/(?!/)#';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $base = $request->getBaseUrl();
        $type = (string) $response->headers->get('Content-Type');
        if ($base !== '' && (str_starts_with($type, 'text/html') || str_starts_with($type, 'image/svg'))) {
            $response->setContent((string) preg_replace(self::ADDRESSES, '$1'.strtr($base, ['\\' => '', '$' => '']).'/', (string) $response->getContent()));
        }

        return $response;
    }
}
