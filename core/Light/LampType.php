<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** What makes the light, for the photons out of its watts. */
enum LampType: string
{
    case Led = 'led';
    case ThinTube = 'thin_tube';
    case ThickTube = 'thick_tube';

    /** µmol/J that leave the whole fixture. House default. */
    public function efficacy(): float
    {
        return match ($this) {
            self::Led => 1.6,
            self::ThinTube => 0.9,
            self::ThickTube => 0.8,
        };
    }

    /** Share of the light of its tubes that a fixture lets out. House default. */
    public function fixture(): float
    {
        return $this === self::Led ? 1.0 : 0.75;
    }
}
