<?php

declare(strict_types=1);

// Takes letters by SMTP and writes them down: php catcher.php PORT FILE
[, $port, $file] = $argv;
$server = stream_socket_server("tcp://127.0.0.1:$port") ?: exit(1);
for (;;) {
    $peer = @stream_socket_accept($server, 3600.0);
    if ($peer === false) {
        continue;
    }
    $say = static fn(string $line): int|false => fwrite($peer, $line."\r\n");
    $say('220 catcher');
    while (is_string($line = fgets($peer))) {
        $word = strtoupper(substr($line, 0, 4));
        if ($word === 'DATA') {
            $say('354 go on');
            $letter = '';
            while (is_string($line = fgets($peer)) && rtrim($line) !== '.') {
                $letter .= $line;
            }
            file_put_contents($file, $letter."\n", FILE_APPEND);
        }
        $say($word === 'QUIT' ? '221 bye' : '250 ok');
        if ($word === 'QUIT') {
            break;
        }
    }
    fclose($peer);
}
