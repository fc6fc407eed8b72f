<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/** The middle of some numbers, which one wild value does not move. */
final class Median
{
    /**
     * @param non-empty-list<float> $values in any order
     */
    public static function of(array $values): float
    {
        sort($values);
        $half = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2.0;
    }

    /**
     * The same with a weight for each: half of the weight lies at or below it.
     *
     * @param non-empty-list<array{float, float}> $weighted value and weight, weights 0 or more and not all 0
     */
    public static function weighted(array $weighted): float
    {
        usort($weighted, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $half = array_sum(array_column($weighted, 1)) / 2.0;
        $sum = 0.0;
        foreach ($weighted as [$value, $weight]) {
            $sum += $weight;
            if ($sum >= $half) {
                return $value;
            }
        }

        return $weighted[count($weighted) - 1][0];
    }
}
