<?php

declare(strict_types=1);

namespace Cresco\Core\Substrate;

/** What a zone of substrate is, and how it is cleaned. */
enum Cover: string
{
    case Sand = 'sand';
    case Gravel = 'gravel';
    case FiredSoil = 'fired_soil';
    case Carpet = 'carpet';
    case Rooted = 'rooted';
    case UnderHardscape = 'under_hardscape';

    /** Share of its load that cleaning stirs up. House default. */
    public function stirred(): float
    {
        return match ($this) {
            self::Gravel => 0.3,
            self::Sand => 0.15,
            self::FiredSoil, self::Carpet => 0.1,
            self::Rooted, self::UnderHardscape => 0.05,
        };
    }
}
