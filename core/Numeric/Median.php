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
}
