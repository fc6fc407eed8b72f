<?php

declare(strict_types=1);

namespace App\Units;

use Cresco\Core\Measure\Volume;

/** The unit a keeper reads volumes in. */
enum VolumeUnit: string
{
    case Litre = 'litre';
    case UsGallon = 'us_gallon';
    case ImperialGallon = 'imperial_gallon';

    public function label(): string
    {
        return match ($this) {
            self::Litre => 'L',
            self::UsGallon => 'US gal',
            self::ImperialGallon => 'imp gal',
        };
    }

    public function fromLitres(float $litres): float
    {
        return match ($this) {
            self::Litre => $litres,
            self::UsGallon => Volume::fromLitres($litres)->usGallons(),
            self::ImperialGallon => Volume::fromLitres($litres)->imperialGallons(),
        };
    }

    public function toLitres(float $shown): float
    {
        return match ($this) {
            self::Litre => $shown,
            self::UsGallon => Volume::fromUsGallons($shown)->litres,
            self::ImperialGallon => Volume::fromImperialGallons($shown)->litres,
        };
    }
}
