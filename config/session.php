<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'cresco_session',
    'same_site' => 'lax',
    // The path that Cresco stands under, where it is not the root of its host.
    'path' => env('SESSION_PATH', '/'),
    // Left open it follows the request: over TLS the cookie goes over TLS alone.
    'secure' => env('SESSION_SECURE_COOKIE'),
];
