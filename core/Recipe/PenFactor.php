<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

use Cresco\Core\Measure\Conductivity;

/** The factor of a TDS pen, learned from pairs of what it showed and a conductivity that is known. */
final readonly class PenFactor
{
    /** The starting value counts as much as this many pairs. House default. */
    private const PRIOR_PAIRS = 1.0;

    /** Spread of the factor a pen is said to have. House default. */
    private const PRIOR_SPREAD = 0.08;

    /** Spread of one pair. House default. */
    private const PAIR_SPREAD = 0.03;

    private function __construct(public float $factor, public float $spread, public int $pairs) {}

    /**
     * @param list<array{float, float}> $pairs shown (mg/L) and known (uS/cm at 25 degC), both above 0
     * @param float                     $prior the factor the pen is said to have, 0.4 to 1
     */
    public static function learned(array $pairs, float $prior = Conductivity::FACTOR_SALT): self
    {
        $weight = self::PRIOR_PAIRS / self::PRIOR_SPREAD ** 2;
        $sum = $weight * $prior;
        foreach ($pairs as [$shown, $known]) {
            if ($shown <= 0.0 || $known <= 0.0) {
                throw RecipeFault::trial('Both readings of a pair must be above nothing.');
            }
            $each = 1.0 / self::PAIR_SPREAD ** 2;
            $sum += $each * $shown / $known;
            $weight += $each;
        }
        $factor = $sum / $weight;
        if ($factor < 0.4 || $factor > 1.0) {
            throw RecipeFault::trial(sprintf('That would be a factor of %.2f; pens have 0.4 to 1. Is one of the two readings of another water, or in another unit?', $factor));
        }

        return new self($factor, 1.0 / sqrt($weight), count($pairs));
    }
}
