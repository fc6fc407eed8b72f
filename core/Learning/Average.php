<?php

declare(strict_types=1);

namespace Cresco\Core\Learning;

use Cresco\Core\Measure\Normal;

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

    /**
     * @param Normal                            $prior the guess
     * @param list<array{float, float, float}>  $seen  value, its standard deviation (above 0) and the day
     */
    public static function learned(Normal $prior, array $seen): Posterior
    {
        $seen = array_values(array_filter($seen, static fn(array $one): bool => is_finite($one[0]) && $one[1] > 0.0 && $one[1] < INF));
        if ($seen === [] || !($prior->spread() > 0.0)) {
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

    /**
     * @param array<int, array{float, float, float}> $seen
     *
     * @return array{float, float} mean and standard deviation
     */
    private static function weighed(Normal $prior, array $seen): array
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
