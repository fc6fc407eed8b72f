<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A length in millimetres. One inch is 25.4 mm, exactly. */
final readonly class Length
{
    /** mm, exact by definition. */
    public const MILLIMETRES_PER_INCH = 25.4;

    private function __construct(public float $millimetres) {}

    public static function fromMillimetres(float $value): self
    {
        return new self($value);
    }

    public static function fromCentimetres(float $value): self
    {
        return new self($value * 10.0);
    }

    public static function fromInches(float $value): self
    {
        return new self($value * self::MILLIMETRES_PER_INCH);
    }

    public function centimetres(): float
    {
        return $this->millimetres / 10.0;
    }

    public function inches(): float
    {
        return $this->millimetres / self::MILLIMETRES_PER_INCH;
    }
}
