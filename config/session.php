<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'cresco_session',
    'same_site' => 'lax',
];
