<?php

declare(strict_types=1);

return [
    // Letters go out at once; on a server a worker sends them: database.
    'default' => env('QUEUE_CONNECTION', 'sync'),
];
