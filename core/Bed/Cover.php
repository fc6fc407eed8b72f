<?php

declare(strict_types=1);

namespace Cresco\Core\Bed;

/** What a patch of bed is, and how it is cleaned. */
enum Cover: string
{
    case Sand = 'sand';
    case Gravel = 'gravel';
    case FiredSoil = 'fired_soil';
    case Carpet = 'carpet';
    case Rooted = 'rooted';
    case UnderHardscape = 'under_hardscape';

    public function label(): string
    {
        return match ($this) {
            self::Sand => 'bare sand',
            self::Gravel => 'gravel',
            self::FiredSoil => 'soil',
            self::Carpet => 'carpet',
            self::Rooted => 'rooted plants',
            self::UnderHardscape => 'under hardscape',
        };
    }

    public function technique(): string
    {
        return match ($this) {
            self::Sand => 'hover and skim, pinch the hose to drop grains',
            self::Gravel => 'plunge, lift, let it fall',
            self::FiredSoil => 'hover with low suction, never dig: grains crush and cloud',
            self::Carpet => 'gentle jets, then siphon what floats',
            self::Rooted => 'hover or skip',
            self::UnderHardscape => 'a narrow tube along the edge',
        };
    }

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
