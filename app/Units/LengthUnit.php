<?php

declare(strict_types=1);

namespace App\Units;

/** What a keeper reads lengths, levels and weights in. */
enum LengthUnit: string
{
    case Metric = 'metric';
    case Inches = 'inches';

    public function name(): string
    {
        return match ($this) {
            self::Metric => 'centimetres and millimetres',
            self::Inches => 'inches and feet',
        };
    }
}
