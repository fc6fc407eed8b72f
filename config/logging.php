<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'stack'),
    'channels' => [
        // A log that cannot be written is no reason to show no page.
        'stack' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => ['driver' => 'single', 'path' => storage_path('logs/cresco.log'), 'level' => env('LOG_LEVEL', 'debug'), 'replace_placeholders' => true],
        'letters' => ['driver' => 'single', 'path' => storage_path('logs/letters.log'), 'level' => 'debug'],
    ],
];
