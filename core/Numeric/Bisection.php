<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/** Halving: slow, and right for anything that changes sides once between two ends. */
final class Bisection
{
    /** Halvings that bring any range of the job down to the last digits of a float. */
    private const ROUNDS = 60;

    /**
     * Where a condition that holds at the lower end stops holding.
     *
     * @param callable(float): bool $holds true below the edge, false above it
     *
     * @return float the middle of the last range; $low or $high when it changes nowhere in between
     */
    public static function edge(float $low, float $high, callable $holds, int $rounds = self::ROUNDS): float
    {
        for ($i = 0; $i < $rounds; ++$i) {
            $middle = ($low + $high) / 2.0;
            if ($middle === $low || $middle === $high) {
                break;
            }
            if ($holds($middle)) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }
}
