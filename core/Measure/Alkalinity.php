<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * Alkalinity, which keepers call carbonate hardness, in meq/L.
 *
 * One degree is the charge of 10 mg/L CaO, two equivalents a mole (definition).
 */
final readonly class Alkalinity
{
    /** meq/L in one degree: twice the hardness, by definition. */
    public const MILLIEQUIVALENT_PER_DEGREE = 2.0 * Hardness::MILLIMOLE_PER_DEGREE;

    /** mg/L as CaCO3 in one meq/L, by the molar mass. IUPAC 2021. */
    public const MILLIGRAM_CACO3_PER_MILLIEQUIVALENT = Hardness::MILLIGRAM_CACO3_PER_MILLIMOLE / 2.0;

    private function __construct(public float $milliequivalentPerLitre) {}

    public static function fromMilliequivalentPerLitre(float $value): self
    {
        return new self($value);
    }

    public static function fromDegrees(float $value): self
    {
        return new self($value * self::MILLIEQUIVALENT_PER_DEGREE);
    }

    /** @param float $value mg/L as CaCO3 */
    public static function fromCalciumCarbonate(float $value): self
    {
        return new self($value / self::MILLIGRAM_CACO3_PER_MILLIEQUIVALENT);
    }

    public function degrees(): float
    {
        return $this->milliequivalentPerLitre / self::MILLIEQUIVALENT_PER_DEGREE;
    }

    public function calciumCarbonate(): float
    {
        return $this->milliequivalentPerLitre * self::MILLIGRAM_CACO3_PER_MILLIEQUIVALENT;
    }
}
