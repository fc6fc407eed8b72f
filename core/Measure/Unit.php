<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A unit that one parameter is read and shown in: base value = shown value times scale plus offset. */
final readonly class Unit
{
    /**
     * @param string $key      that it is kept by
     * @param string $label    beside a figure
     * @param float  $scale    base units in one of it
     * @param float  $offset   base value at its zero
     * @param int    $decimals that it is read with
     */
    public function __construct(
        public string $key,
        public string $label,
        private float $scale,
        private float $offset,
        public int $decimals,
    ) {}

    /**
     * The units a parameter may be read in; the first is the usual one.
     *
     * @param float $penFactor factor of the keeper's TDS meter, 0.4 to 1.0
     *
     * @return non-empty-list<self>
     */
    public static function for(Parameter $parameter, float $penFactor = Conductivity::FACTOR_SALT): array
    {
        return ($parameter->entry()->units)($penFactor);
    }

    /** @throws MeasureFault when the parameter has no such unit */
    public static function of(Parameter $parameter, string $key, float $penFactor = Conductivity::FACTOR_SALT): self
    {
        foreach (self::for($parameter, $penFactor) as $unit) {
            if ($unit->key === $key) {
                return $unit;
            }
        }
        throw MeasureFault::unknownUnit($parameter, $key);
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
