<?php

declare(strict_types=1);

namespace App\Models;

/** What was seen on the day of a check-up. */
enum TreatmentResult: string
{
    case Better = 'better';
    case Same = 'same';
    case Worse = 'worse';
}
