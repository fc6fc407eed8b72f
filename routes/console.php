<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// Once a day; asked every hour, since a machine at home may sleep at night.
Schedule::command('cresco:backup --daily')->hourly()->withoutOverlapping(30);

// Guests who have not come for a month.
Schedule::command('cresco:guests')->daily();
