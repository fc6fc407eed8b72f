<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Measure\NormalValue;

/**
 * One figure from a guess and from what was seen of it, each weighed by its variance. What lies far from all the rest is set aside, one
 * after the other, and never more than a third.
 */
final class Average
{
    /** Deviations from what the others say beyond which an observation is set aside. House default. */
    private const ODD = 3.0;

    /** Observations below which none is set aside: nobody knows which of two is wrong. House default. */
    private const LEAST = 3;

    /** Spreads that weigh anything at all. House limit. */
    private const BETWEEN = [1e-100, 1e100];

    /**
     * @param NormalValue                      $prior the guess
     * @param list<array{float, float, float}> $seen  value, its standard deviation (above 0) and the day
     */
    public static function learned(NormalValue $prior, array $seen): Posterior
    {
        $seen = array_values(array_filter($seen, static fn(array $one): bool => is_finite($one[0]) && self::weighs($one[1])));
        if ($seen === [] || !self::weighs($prior->spread())) {
            return Posterior::guess($prior);
        }
        $kept = $seen;
        $aside = [];
        while (count($kept) >= self::LEAST && 3 * count($aside) + 3 <= count($seen)) {
            [$worst, $furthest] = [null, self::ODD];
            foreach ($kept as $i => [$value, $spread]) {
                [$mean, $deviation] = self::weighed($prior, array_diff_key($kept, [$i => 0]));
                $distance = abs($value - $mean) / hypot($spread, $deviation);
                if ($distance > $furthest) {
                    [$worst, $furthest] = [$i, $distance];
                }
            }
            if ($worst === null) {
                break;
            }
            $aside[] = $kept[$worst][2];
            unset($kept[$worst]);
        }
        [$mean, $deviation] = self::weighed($prior, $kept);

        return new Posterior($mean, $deviation, $prior, count($kept), $aside);
    }

    private static function weighs(float $spread): bool
    {
        return $spread > self::BETWEEN[0] && $spread < self::BETWEEN[1];
    }

    /**
     * @param array<int, array{float, float, float}> $seen
     *
     * @return array{float, float} mean and standard deviation
     */
    private static function weighed(NormalValue $prior, array $seen): array
    {
        $weight = 1.0 / $prior->spread() ** 2;
        $sum = $weight * $prior->central();
        foreach ($seen as [$value, $spread]) {
            $each = 1.0 / $spread ** 2;
            $weight += $each;
            $sum += $each * $value;
        }

        return [$sum / $weight, 1.0 / sqrt($weight)];
    }
}
