<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** How much light the water swallows. */
enum WaterTint: string
{
    case Clear = 'clear';
    case Tea = 'tea';
    case Black = 'black';

    /** Absorption, 1/m. House default. */
    public function absorption(): float
    {
        return match ($this) {
            self::Clear => 0.4,
            self::Tea => 1.5,
            self::Black => 4.0,
        };
    }
}
