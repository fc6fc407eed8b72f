<?php

declare(strict_types=1);

use App\Models\Keeper;
use App\Notifications\AccountEmail;

return [
    'providers' => [
        'users' => ['driver' => 'eloquent', 'model' => Keeper::class],
    ],
    'passwords' => [
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60 * AccountEmail::HOURS, 'throttle' => 60],
    ],
    // Microseconds that a sign-in or a request for a letter takes at least, so that the time tells nobody who has an account: more than
    // a password takes to be checked.
    'timebox_duration' => (int) env('CRESCO_TIMEBOX', 600_000),
];
