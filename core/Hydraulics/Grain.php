<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

/** What lies on the substrate and may be carried up a gravel tube. */
enum Grain: string
{
    case Quartz = 'quartz';
    case FiredSoil = 'fired_soil';

    /** How much denser it is than water, as a share of the density of water. Quartz 2650 kg/m3; fired soil by house default. */
    public function excess(): float
    {
        return match ($this) {
            self::Quartz => 1.65,
            self::FiredSoil => 0.5,
        };
    }
}
