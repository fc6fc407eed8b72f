<?php

declare(strict_types=1);

use App\Models\Keeper;

return [
    'providers' => [
        'users' => ['driver' => 'eloquent', 'model' => Keeper::class],
    ],
];
