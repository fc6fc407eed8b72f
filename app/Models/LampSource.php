<?php

declare(strict_types=1);

namespace App\Models;

/** By what a keeper knows how much light a lamp gives. */
enum LampSource: string
{
    case Maker = 'maker';
    case Lumens = 'lumens';
    case Watts = 'watts';

    public function label(): string
    {
        return match ($this) {
            self::Maker => 'photons, µmol/s',
            self::Lumens => 'lumens',
            self::Watts => 'watts',
        };
    }
}
