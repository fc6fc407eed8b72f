<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * General hardness: calcium and magnesium together, in mmol/L.
 *
 * One degree is 10 mg/L CaO (definition); CaO 56.077 g/mol and CaCO3 100.086 g/mol from the IUPAC 2021 atomic weights.
 */
final readonly class Hardness
{
    /** mmol/L in one degree: 10 mg/L of CaO, by definition and its molar mass. IUPAC 2021. */
    public const MILLIMOLE_PER_DEGREE = 10.0 / 56.077;

    /** g/mol of CaCO3. IUPAC 2021. */
    public const MILLIGRAM_CACO3_PER_MILLIMOLE = 100.086;

    private function __construct(public float $millimolePerLitre) {}

    public static function fromMillimolePerLitre(float $value): self
    {
        return new self($value);
    }

    public static function fromDegrees(float $value): self
    {
        return new self($value * self::MILLIMOLE_PER_DEGREE);
    }

    /** @param float $value mg/L as CaCO3 */
    public static function fromCalciumCarbonate(float $value): self
    {
        return new self($value / self::MILLIGRAM_CACO3_PER_MILLIMOLE);
    }

    public function degrees(): float
    {
        return $this->millimolePerLitre / self::MILLIMOLE_PER_DEGREE;
    }

    public function calciumCarbonate(): float
    {
        return $this->millimolePerLitre * self::MILLIGRAM_CACO3_PER_MILLIMOLE;
    }
}
