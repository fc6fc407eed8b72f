<?php

declare(strict_types=1);

return [
    'name' => 'Cresco',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    // Whether the sign-in page offers to enter as the demo keeper.
    'demo' => (bool) env('CRESCO_DEMO', false),
];
