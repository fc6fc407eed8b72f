<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A unit that one parameter is read and shown in: base value = shown value times scale plus offset. */
final readonly class Unit
{
    private function __construct(
        public string $key,
        public string $label,
        public string $name,
        private float $scale,
        private float $offset,
        public int $decimals,
    ) {}

    /**
     * The units a parameter may be read in; the first is the usual one.
     *
     * @param float $penFactor factor of the keeper's TDS pen, 0.4 to 1.0
     *
     * @return non-empty-list<self>
     */
    public static function for(Parameter $parameter, float $penFactor = Conductivity::FACTOR_SALT): array
    {
        return match ($parameter) {
            Parameter::Nitrate => [
                new self('no3', 'mg/L', 'mg/L nitrate (NO3)', 1.0, 0.0, 1),
                new self('no3_n', 'mg/L N', 'mg/L nitrate nitrogen (NO3-N)', MassConcentration::NITRATE_PER_NITROGEN, 0.0, 2),
            ],
            Parameter::Ammonium => [
                new self('nh4', 'mg/L', 'mg/L total ammonium (NH4)', 1.0, 0.0, 2),
                new self('nh4_n', 'mg/L N', 'mg/L total ammonia nitrogen', MassConcentration::AMMONIUM_PER_NITROGEN, 0.0, 2),
            ],
            Parameter::Nitrite => [
                new self('no2', 'mg/L', 'mg/L nitrite (NO2)', 1.0, 0.0, 2),
                new self('no2_n', 'mg/L N', 'mg/L nitrite nitrogen (NO2-N)', MassConcentration::NITRITE_PER_NITROGEN, 0.0, 2),
            ],
            Parameter::Chlorine => [new self('cl2', 'mg/L', 'mg/L total chlorine', 1.0, 0.0, 2)],
            Parameter::GeneralHardness => [
                new self('degrees', '°', 'degrees (dGH)', Hardness::fromDegrees(1.0)->millimolePerLitre, 0.0, 1),
                new self('caco3', 'mg/L CaCO3', 'mg/L as CaCO3 (“ppm” on kits)', Hardness::fromCalciumCarbonate(1.0)->millimolePerLitre, 0.0, 0),
                new self('mmol', 'mmol/L', 'mmol/L', 1.0, 0.0, 2),
            ],
            Parameter::CarbonateHardness => [
                new self('degrees', '°', 'degrees (dKH)', Alkalinity::fromDegrees(1.0)->milliequivalentPerLitre, 0.0, 1),
                new self('caco3', 'mg/L CaCO3', 'mg/L as CaCO3 (“ppm” on kits)', Alkalinity::fromCalciumCarbonate(1.0)->milliequivalentPerLitre, 0.0, 0),
                new self('meq', 'meq/L', 'meq/L', 1.0, 0.0, 2),
            ],
            Parameter::Conductivity => [
                new self('ec', 'µS/cm', 'conductivity, µS/cm at 25 °C', 1.0, 0.0, 0),
                new self('tds', 'mg/L TDS', 'TDS as my pen shows it, mg/L', Conductivity::fromPenTds(1.0, $penFactor)->microsiemensPerCentimetre, 0.0, 0),
            ],
            Parameter::Temperature => [
                new self('celsius', '°C', 'degrees Celsius', 1.0, 0.0, 1),
                new self('fahrenheit', '°F', 'degrees Fahrenheit', 1.0 / Temperature::FAHRENHEIT_PER_CELSIUS, Temperature::fromFahrenheit(0.0)->celsius, 1),
            ],
            Parameter::Acidity => [new self('ph', '', 'pH', 1.0, 0.0, 2)],
        };
    }

    /** @throws MeasureFault when the parameter has no such unit */
    public static function of(Parameter $parameter, string $key, float $penFactor = Conductivity::FACTOR_SALT): self
    {
        foreach (self::for($parameter, $penFactor) as $unit) {
            if ($unit->key === $key) {
                return $unit;
            }
        }
        throw MeasureFault::unknownUnit($parameter->label(), $key);
    }

    public static function usual(Parameter $parameter): self
    {
        return self::for($parameter)[0];
    }

    public function toBase(float $shown): float
    {
        return $shown * $this->scale + $this->offset;
    }

    public function fromBase(float $base): float
    {
        return ($base - $this->offset) / $this->scale;
    }

    /** A width (a swing, a spread) in this unit, from one in the base unit. */
    public function widthFromBase(float $base): float
    {
        return $base / $this->scale;
    }

    public function widthToBase(float $shown): float
    {
        return $shown * $this->scale;
    }

    public function distributionFromBase(Distribution $base): Distribution
    {
        return $base->scaled(1.0 / $this->scale, -$this->offset / $this->scale);
    }
}
