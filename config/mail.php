<?php

declare(strict_types=1);

return [
    // Without a server for mail, letters are written to storage/logs/letters.log; ./cresco letters shows them.
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            // smtp (with STARTTLS where it is offered) or smtps.
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 15,
        ],
        'log' => ['transport' => 'log', 'channel' => 'letters'],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM', 'cresco@localhost'), 'name' => 'Cresco'],
];
