<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A temperature in degrees Celsius. */
final readonly class Temperature
{
    /** degF in one degC, exact by definition. */
    public const FAHRENHEIT_PER_CELSIUS = 1.8;

    /** degF at 0 degC, exact by definition. */
    public const FAHRENHEIT_AT_ZERO = 32.0;

    /** K at 0 degC, exact by definition. */
    public const KELVIN_AT_ZERO = 273.15;

    private function __construct(public float $celsius) {}

    public static function fromCelsius(float $value): self
    {
        return new self($value);
    }

    public static function fromFahrenheit(float $value): self
    {
        return new self(($value - self::FAHRENHEIT_AT_ZERO) / self::FAHRENHEIT_PER_CELSIUS);
    }

    public function fahrenheit(): float
    {
        return $this->celsius * self::FAHRENHEIT_PER_CELSIUS + self::FAHRENHEIT_AT_ZERO;
    }

    public function kelvin(): float
    {
        return $this->celsius + self::KELVIN_AT_ZERO;
    }
}
