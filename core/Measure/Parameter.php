<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** What keepers measure in water. The base unit is the one amounts are kept in. */
enum Parameter: string
{
    case Nitrate = 'nitrate';
    case GeneralHardness = 'general_hardness';
    case CarbonateHardness = 'carbonate_hardness';
    case Acidity = 'ph';
    case Conductivity = 'conductivity';
    case Temperature = 'temperature';
    case Ammonium = 'ammonium';

    public function label(): string
    {
        return match ($this) {
            self::Nitrate => 'Nitrate',
            self::GeneralHardness => 'GH',
            self::CarbonateHardness => 'KH',
            self::Acidity => 'pH',
            self::Conductivity => 'Conductivity',
            self::Temperature => 'Temperature',
            self::Ammonium => 'Ammonium',
        };
    }

    /** The label as it stands inside a sentence. */
    public function word(): string
    {
        return match ($this) {
            self::GeneralHardness, self::CarbonateHardness, self::Acidity => $this->label(),
            default => lcfirst($this->label()),
        };
    }

    /** Symbol used in formulas. */
    public function symbol(): string
    {
        return match ($this) {
            self::Nitrate => 'NO3',
            self::GeneralHardness => 'GH',
            self::CarbonateHardness => 'KH',
            self::Acidity => 'pH',
            self::Conductivity => 'EC',
            self::Temperature => 'T',
            self::Ammonium => 'NH4',
        };
    }

    /**
     * What fresh water can hold at all, in the base unit: wide enough for every tap and tank, narrow enough to catch a
     * slipped decimal point.
     *
     * @return array{float, float}
     */
    public function range(): array
    {
        return match ($this) {
            self::Nitrate => [0.0, 1000.0],
            self::GeneralHardness => [0.0, Hardness::fromDegrees(100.0)->millimolePerLitre],
            self::CarbonateHardness => [0.0, Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre],
            self::Acidity => [2.0, 12.0],
            self::Conductivity => [0.0, 20000.0],
            self::Temperature => [0.0, 45.0],
            self::Ammonium => [0.0, 100.0],
        };
    }

    /**
     * How far a well-kept pen may be off beyond its last digit, as a standard deviation in the base unit. House default.
     */
    public function penAccuracy(float $value): float
    {
        return match ($this) {
            self::Acidity => 0.05,
            self::Conductivity => 0.02 * $value,
            self::Temperature => 0.2,
            default => 0.05 * $value,
        };
    }

    /** Whether it mixes by volume; pH does not. */
    public function mixes(): bool
    {
        return $this !== self::Acidity;
    }
}
