<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Measure\Conductivity;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use Cresco\Core\Text;

/** The factor of a TDS meter, learned from pairs of what it showed and a conductivity that is known; a pair far from the others is left out. */
final readonly class MeterFactor
{
    /** Spread of the factor a meter is said to have. House default. */
    private const PRIOR_SPREAD = 0.08;

    /** Spread of one pair. House default. */
    private const PAIR_SPREAD = 0.03;

    private function __construct(public float $factor, public float $spread, public int $pairs) {}

    /**
     * @param list<array{float, float}> $pairs shown (mg/L) and known (uS/cm at 25 degC), both above 0
     * @param float                     $prior the factor the meter is said to have, 0.4 to 1
     */
    public static function learned(array $pairs, float $prior = Conductivity::FACTOR_SALT): self
    {
        $seen = [];
        foreach ($pairs as $i => [$shown, $known]) {
            if ($shown <= 0.0 || $known <= 0.0) {
                throw MixingFault::trial('recipe.pair');
            }
            $seen[] = [$shown / $known, self::PAIR_SPREAD, (float) $i];
        }
        $learned = Average::learned(new NormalValue($prior, self::PRIOR_SPREAD), $seen);
        $factor = $learned->value;
        if ($factor < 0.4 || $factor > 1.0) {
            throw MixingFault::trial(Text::of('recipe.factor', factor: round($factor, 2)));
        }

        return new self($factor, $learned->spread, $learned->count);
    }
}
