<?php

declare(strict_types=1);

namespace App\Units;

/** What a keeper reads lengths, levels and weights in. */
enum LengthUnit: string
{
    case Metric = 'metric';
    case Inches = 'inches';
}
