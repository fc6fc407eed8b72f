<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * What keepers measure in water, in the order in which they look at it. The base unit is the one amounts are kept in. One more is a
 * case and an entry below.
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
    case Phosphate = 'phosphate';
    case Potassium = 'potassium';
    case Iron = 'iron';
    case Magnesium = 'magnesium';
    case Calcium = 'calcium';

    public function entry(): ParameterEntry
    {
        /** @var array<string, ParameterEntry> $entries */
        static $entries = [];

        return $entries[$this->value] ??= match ($this) {
            self::Nitrate => new ParameterEntry('NO3', [0.0, 1000.0], fields: [0.0, 5.0, 10.0, 20.0, 40.0, 80.0], food: new Nutrient(
                'NO3',
                62.004,
                Nutrient::NITROGEN * MassConcentration::NITRATE_PER_NITROGEN,
                'N',
                MassConcentration::NITRATE_PER_NITROGEN,
            ), balance: new LevelPrior(5.0, 5.0, 0.1, 1.0, 200.0), units: static fn(): array => [
                new Unit('no3', 'mg/L', 1.0, 0.0, 1),
                new Unit('no3_n', 'mg/L N', MassConcentration::NITRATE_PER_NITROGEN, 0.0, 2),
            ]),
            self::Acidity => new ParameterEntry('pH', [2.0, 12.0], accuracy: 0.05, accuracyShare: 0.0, beyond: 1.0, method: ReadingMethod::Pen, step: 0.01, mixes: false, isDissolved: false, wander: 0.05, setDays: 30, units: static fn(): array => [
                new Unit('ph', '', 1.0, 0.0, 2),
            ]),
            self::CarbonateHardness => new ParameterEntry('KH', [
                0.0, Alkalinity::fromDegrees(100.0)->milliequivalentPerLitre,
            ], method: ReadingMethod::Drops, step: 1.0, balance: new LevelPrior(
                4.0 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                3.0 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                0.1 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                0.06 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
                30.0 * Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
            ), units: static fn(): array => [
                new Unit('degrees', '°', Alkalinity::fromDegrees(1.0)->milliequivalentPerLitre, 0.0, 1),
                new Unit('caco3', 'mg/L CaCO3', Alkalinity::fromCalciumCarbonate(1.0)->milliequivalentPerLitre, 0.0, 0),
                new Unit('meq', 'meq/L', 1.0, 0.0, 2),
            ]),
            self::GeneralHardness => new ParameterEntry('GH', [
                0.0, Hardness::fromDegrees(100.0)->millimolePerLitre,
            ], method: ReadingMethod::Drops, step: 1.0, balance: new LevelPrior(
                8.0 * Hardness::MILLIMOLE_PER_DEGREE,
                5.0 * Hardness::MILLIMOLE_PER_DEGREE,
                0.1 * Hardness::MILLIMOLE_PER_DEGREE,
                0.06 * Hardness::MILLIMOLE_PER_DEGREE,
                40.0 * Hardness::MILLIMOLE_PER_DEGREE,
            ), units: static fn(): array => [
                new Unit('degrees', '°', Hardness::fromDegrees(1.0)->millimolePerLitre, 0.0, 1),
                new Unit('caco3', 'mg/L CaCO3', Hardness::fromCalciumCarbonate(1.0)->millimolePerLitre, 0.0, 0),
                new Unit('mmol', 'mmol/L', 1.0, 0.0, 2),
            ]),
            self::Conductivity => new ParameterEntry('EC', [0.0, 20000.0], accuracyShare: 0.02, method: ReadingMethod::Pen, step: 1.0, wanderShare: 0.01, setDays: 90, balance: new LevelPrior(300.0, 200.0, 1.0, 3.0, 4000.0), units: static fn(float $penFactor): array => [
                new Unit('ec', 'µS/cm', 1.0, 0.0, 0),
                new Unit('tds', 'mg/L TDS', Conductivity::fromPenTds(1.0, $penFactor)->microsiemensPerCentimetre, 0.0, 0),
            ]),
            self::Temperature => new ParameterEntry('T', [0.0, 45.0], accuracy: 0.2, accuracyShare: 0.0, beyond: 2.0, method: ReadingMethod::Pen, step: 0.1, isDissolved: false, units: static fn(): array => [
                new Unit('celsius', '°C', 1.0, 0.0, 1),
                new Unit('fahrenheit', '°F', 1.0 / Temperature::FAHRENHEIT_PER_CELSIUS, Temperature::fromFahrenheit(0.0)->celsius, 1),
            ]),
            self::Ammonium => new ParameterEntry('NH4', [0.0, 100.0], fields: [0.0, 0.1, 0.25, 0.5, 1.0, 3.0], isSideline: true, units: static fn(): array => [
                new Unit('nh4', 'mg/L', 1.0, 0.0, 2),
                new Unit('nh4_n', 'mg/L N', MassConcentration::AMMONIUM_PER_NITROGEN, 0.0, 2),
            ]),
            self::Nitrite => new ParameterEntry('NO2', [0.0, 100.0], fields: [0.0, 0.1, 0.25, 0.5, 1.0, 3.0], isSideline: true, fine: [0.0, 0.1], units: static fn(): array => [
                new Unit('no2', 'mg/L', 1.0, 0.0, 2),
                new Unit('no2_n', 'mg/L N', MassConcentration::NITRITE_PER_NITROGEN, 0.0, 2),
            ]),
            self::Phosphate => new ParameterEntry('PO4', [0.0, 50.0], fields: [0.0, 0.1, 0.25, 0.5, 1.0, 2.0, 5.0], isSideline: true, balance: new LevelPrior(0.1, 0.2, 0.02, 0.05, 8.0), food: new Nutrient(
                'H2PO4',
                94.971,
                Nutrient::PHOSPHORUS * MassConcentration::PHOSPHATE_PER_PHOSPHORUS,
                'P2O5',
                2.0 * 94.970 / 141.943,
            ), units: static fn(): array => [
                new Unit('po4', 'mg/L', 1.0, 0.0, 2),
                new Unit('po4_p', 'mg/L P', MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 0.0, 2),
            ]),
            self::Potassium => new ParameterEntry('K', [0.0, 500.0], fields: [0.0, 5.0, 10.0, 15.0, 20.0, 30.0], isSideline: true, balance: new LevelPrior(3.0, 2.0, 0.1, 0.6, 80.0), food: new Nutrient(
                'K',
                39.098,
                Nutrient::POTASSIUM,
                'K2O',
                2.0 * 39.098 / 94.195,
            ), units: static fn(): array => [
                new Unit('k', 'mg/L', 1.0, 0.0, 1),
            ]),
            self::Iron => new ParameterEntry('Fe', [0.0, 20.0], fields: [0.0, 0.02, 0.05, 0.1, 0.2, 0.5, 1.0], isSideline: true, balance: new LevelPrior(0.01, 0.02, 0.004, 0.01, 0.8), food: new Nutrient(null, 55.845, Nutrient::IRON, 'Fe'), units: static fn(): array => [
                new Unit('fe', 'mg/L', 1.0, 0.0, 2),
            ]),
            self::Magnesium => new ParameterEntry('Mg', [0.0, 500.0], method: ReadingMethod::Drops, step: 2.0, isSideline: true, balance: new LevelPrior(6.0, 5.0, 0.1, 0.2, 200.0), food: new Nutrient(
                'Mg',
                24.305,
                Nutrient::MAGNESIUM,
                'MgO',
                24.305 / 40.304,
            ), units: static fn(): array => [
                new Unit('mg', 'mg/L', 1.0, 0.0, 1),
            ]),
            self::Calcium => new ParameterEntry('Ca', [0.0, 1000.0], method: ReadingMethod::Drops, step: 10.0, isSideline: true, balance: new LevelPrior(40.0, 25.0, 0.3, 0.5, 1000.0), food: new Nutrient(
                'Ca',
                40.078,
                Nutrient::CALCIUM,
                'CaO',
                40.078 / 56.077,
            ), units: static fn(): array => [
                new Unit('ca', 'mg/L', 1.0, 0.0, 0),
            ]),
            self::Chlorine => new ParameterEntry('Cl2', [0.0, 20.0], fields: [0.0, 0.1, 0.3, 0.5, 1.0, 2.0], ofTanks: false, isSideline: true, fine: [0.0, 0.02], units: static fn(): array => [
                new Unit('cl2', 'mg/L', 1.0, 0.0, 2),
            ]),
        };
    }

    /** @return list<self> that are read in tanks */
    public static function ofTanks(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $parameter): bool => $parameter->entry()->ofTanks));
    }

    /** @return list<self> of a tank beside those that are followed for the sake of its plants alone */
    public static function ofAnimals(): array
    {
        return array_values(array_filter(self::ofTanks(), static fn(self $parameter): bool => !$parameter->entry()->isFoodAlone()));
    }

    /** @return list<self> that plants are fed with */
    public static function nutrients(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $parameter): bool => $parameter->entry()->food !== null));
    }

    /** @return list<self> that are conserved: what comes and goes adds up to what is there */
    public static function balanced(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $parameter): bool => $parameter->entry()->balance !== null));
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

    /** How far a well-kept meter may be off beyond its last digit, as a standard deviation in the base unit. */
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
