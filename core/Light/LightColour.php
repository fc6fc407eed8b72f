<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** What white the lamp gives, for the photons in its lumens. */
enum LightColour: string
{
    case White = 'white';
    case Coloured = 'coloured';
    case CoolTube = 'cool_tube';
    case Sun = 'sun';

    /** lm s/µmol. Sun and cool white tube by Thimijan and Heins (1983); both LED are a house default. */
    public function lumensPerMicromole(): float
    {
        return match ($this) {
            self::White => 70.0,
            self::Coloured => 52.0,
            self::CoolTube => 74.0,
            self::Sun => 54.0,
        };
    }
}
