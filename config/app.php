<?php

declare(strict_types=1);

return [
    'name' => 'Cresco',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    // Letters lead here, whatever address a request came by.
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    // Names that a request may come by, with commas between; empty for any.
    'trusted_hosts' => env('TRUSTED_HOSTS', ''),
    // Addresses of proxies before it that say how a request came, with commas between; empty for none.
    'trusted_proxies' => env('TRUSTED_PROXIES', ''),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    // The language of the installation, a folder of lang/ or of the folder named beside it; what a language lacks is said in English.
    'locale' => env('APP_LOCALE', 'en'),
    'fallback_locale' => 'en',
    'languages' => env('CRESCO_LANGUAGES', ''),
    // A file with the seconds by which tests have moved the clock on.
    'timed' => (bool) env('CRESCO_TIMED', false),
    'clock' => env('CRESCO_CLOCK', ''),
    // Where Cresco puts its own backups.
    'backups' => env('CRESCO_BACKUPS', storage_path('backups')),
    // Whether the sign-in page offers to enter as the demo keeper.
    'demo' => (bool) env('CRESCO_DEMO', false),
];
