<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * What keepers measure in water, in the order in which they look at it. The base unit is the one amounts are kept in. One more is a
 * case, an entry below and its units.
 */
enum Parameter: string
{
    case Nitrate = 'nitrate';
    case Acidity = 'ph';
    case CarbonateHardness = 'carbonate_hardness';
    case GeneralHardness = 'general_hardness';
    case Conductivity = 'conductivity';
    case Temperature = 'temperature';
    case Ammonium = 'ammonium';
    case Nitrite = 'nitrite';
    case Chlorine = 'chlorine';

    public function entry(): ParameterEntry
    {
        /** @var array<string, ParameterEntry> $entries */
        static $entries = [];

        return $entries[$this->value] ??= match ($this) {
            self::Nitrate => new ParameterEntry('Nitrate', 'nitrate', 'NO3', [0.0, 1000.0], fields: [0.0, 5.0, 10.0, 20.0, 40.0, 80.0], balance: new Balance(0.05, 0.5, 100.0)),
            self::Acidity => new ParameterEntry('pH', 'pH', 'pH', [2.0, 12.0], 0.05, 0.0, 1.0, Method::Pen, 0.01, mixes: false, isDissolved: false, wander: 0.05, setDays: 30),
            self::CarbonateHardness => new ParameterEntry('KH', 'KH', 'KH', [0.0, Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre], method: Method::Drops, step: 1.0, balance: new Balance(0.05, 0.05, 10.0)),
            self::GeneralHardness => new ParameterEntry('GH', 'GH', 'GH', [0.0, Hardness::fromDegrees(100.0)->millimolePerLitre], method: Method::Drops, step: 1.0, balance: new Balance(0.05, 0.03, 5.0)),
            self::Conductivity => new ParameterEntry('Conductivity', 'conductivity', 'EC', [0.0, 20000.0], 0.0, 0.02, method: Method::Pen, step: 1.0, wanderShare: 0.01, setDays: 90, balance: new Balance(0.03, 3.0, 1000.0)),
            self::Temperature => new ParameterEntry('Temperature', 'temperature', 'T', [0.0, 45.0], 0.2, 0.0, 2.0, Method::Pen, 0.1, isDissolved: false),
            self::Ammonium => new ParameterEntry('Ammonium', 'ammonium', 'NH4', [0.0, 100.0], fields: [0.0, 0.1, 0.25, 0.5, 1.0, 3.0], isSideline: true),
            self::Nitrite => new ParameterEntry('Nitrite', 'nitrite', 'NO2', [0.0, 100.0], fields: [0.0, 0.1, 0.25, 0.5, 1.0, 3.0], isSideline: true, fine: [0.0, 0.1]),
            self::Chlorine => new ParameterEntry('Chlorine', 'chlorine', 'Cl2', [0.0, 20.0], fields: [0.0, 0.1, 0.3, 0.5, 1.0, 2.0], ofTanks: false, isSideline: true, fine: [0.0, 0.02]),
        };
    }

    /** @return list<self> that are read in tanks */
    public static function ofTanks(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $parameter): bool => $parameter->entry()->ofTanks));
    }

    /** @return list<self> that a tank makes or takes up by the day */
    public static function balanced(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $parameter): bool => $parameter->entry()->balance !== null));
    }

    public function label(): string
    {
        return $this->entry()->label;
    }

    /** The label as it stands inside a sentence. */
    public function word(): string
    {
        return $this->entry()->word;
    }

    /** Symbol used in formulas. */
    public function symbol(): string
    {
        return $this->entry()->symbol;
    }

    /** @return array{float, float} what fresh water can hold at all, in the base unit */
    public function range(): array
    {
        return $this->entry()->range;
    }

    /** How far a well-kept pen may be off beyond its last digit, as a standard deviation in the base unit. */
    public function penAccuracy(float $value): float
    {
        return $this->entry()->accuracy + $this->entry()->accuracyShare * abs($value);
    }

    /** Whether it mixes by volume; pH does not. */
    public function mixes(): bool
    {
        return $this->entry()->mixes;
    }
}
