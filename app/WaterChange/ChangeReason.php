<?php

declare(strict_types=1);

namespace App\WaterChange;

/** Why water is changed. */
enum ChangeReason: string
{
    case Routine = 'routine';
    case Nitrate = 'nitrate';
    case Conductivity = 'conductivity';
    case Treatment = 'treatment';
    case Amount = 'amount';
}
