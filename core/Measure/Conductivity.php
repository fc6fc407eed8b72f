<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

use Cresco\Core\Text;

/** Electrical conductivity in uS/cm at 25 degC. A meter that shows "TDS" shows conductivity times a factor of its maker's. */
final readonly class Conductivity
{
    /** Sodium chloride scale. */
    public const FACTOR_SALT = 0.5;

    /** The scale for "natural water", between 0.64 and 0.70. */
    public const FACTOR_NATURAL = 0.67;

    /** Change of conductivity with temperature, share per degree around 25 degC: common practice in meters. */
    public const SHARE_PER_DEGREE = 0.02;

    private function __construct(public float $microsiemensPerCentimetre) {}

    public static function fromMicrosiemens(float $value): self
    {
        return new self($value);
    }

    /**
     * @param float $value  what the meter shows, mg/L
     * @param float $factor of the meter, 0.4 to 1.0
     */
    public static function fromPenTds(float $value, float $factor): self
    {
        return new self($value / self::checked($factor));
    }

    /** A reading of a meter without temperature compensation, taken at $celsius (0 to 45). */
    public static function uncompensated(float $value, float $celsius): self
    {
        if (!($celsius >= 0.0 && $celsius <= 45.0)) {
            throw MeasureFault::outOfRange(Text::of('measure.water_temperature'), 0.0, 45.0, '°C');
        }

        return new self($value / (1.0 + self::SHARE_PER_DEGREE * ($celsius - 25.0)));
    }

    public function penTds(float $factor): float
    {
        return $this->microsiemensPerCentimetre * self::checked($factor);
    }

    private static function checked(float $factor): float
    {
        if (!($factor >= 0.4 && $factor <= 1.0)) {
            throw MeasureFault::outOfRange(Text::of('measure.tds_factor'), 0.4, 1.0, '');
        }

        return $factor;
    }
}
