<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A volume in litres. Gallons are exact by definition. */
final readonly class Volume
{
    /** L, exact by definition. */
    public const LITRES_PER_US_GALLON = 3.785411784;

    /** L, exact by definition. */
    public const LITRES_PER_IMPERIAL_GALLON = 4.54609;

    private function __construct(public float $litres) {}

    public static function fromLitres(float $value): self
    {
        return new self($value);
    }

    public static function fromUsGallons(float $value): self
    {
        return new self($value * self::LITRES_PER_US_GALLON);
    }

    public static function fromImperialGallons(float $value): self
    {
        return new self($value * self::LITRES_PER_IMPERIAL_GALLON);
    }

    public function usGallons(): float
    {
        return $this->litres / self::LITRES_PER_US_GALLON;
    }

    public function imperialGallons(): float
    {
        return $this->litres / self::LITRES_PER_IMPERIAL_GALLON;
    }
}
