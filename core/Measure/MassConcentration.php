<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * A dissolved nutrient in mg/L, as the ion or as its nitrogen or phosphorus.
 *
 * Factors are ratios of molar masses (IUPAC 2021 atomic weights: N 14.007, O 15.999, H 1.008, P 30.974).
 */
final readonly class MassConcentration
{
    public const NITRATE_PER_NITROGEN = 62.004 / 14.007;

    public const NITRITE_PER_NITROGEN = 46.005 / 14.007;

    public const AMMONIUM_PER_NITROGEN = 18.039 / 14.007;

    public const AMMONIA_PER_NITROGEN = 17.031 / 14.007;

    public const PHOSPHATE_PER_PHOSPHORUS = 94.970 / 30.974;

    private function __construct(public float $milligramPerLitre) {}

    public static function fromMilligramPerLitre(float $value): self
    {
        return new self($value);
    }

    /** @param float $factor mass of the ion for one mass of its nitrogen or phosphorus: a constant of this class */
    public static function fromElement(float $value, float $factor): self
    {
        return new self($value * $factor);
    }

    public function asElement(float $factor): float
    {
        return $this->milligramPerLitre / $factor;
    }
}
