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
        [$low, $high] = self::between($low, $high, $holds, $rounds);

        return ($low + $high) / 2.0;
    }

    /**
     * The most at which a condition that holds at the lower end was found to hold, for what must not pass the edge.
     *
     * @param callable(float): bool $holds true below the edge, false above it
     *
     * @return float no more than the edge; $low when it was found to hold nowhere else
     */
    public static function within(float $low, float $high, callable $holds, int $rounds = self::ROUNDS): float
    {
        return self::between($low, $high, $holds, $rounds)[0];
    }

    /**
     * @param callable(float): bool $holds
     *
     * @return array{float, float}
     */
    private static function between(float $low, float $high, callable $holds, int $rounds): array
    {
        for ($i = 0; $i < $rounds; ++$i) {
            $middle = ($low + $high) / 2.0;
            if ($middle === $low || $middle === $high) {
                break;
            }
            [$low, $high] = $holds($middle) ? [$middle, $high] : [$low, $middle];
        }

        return [$low, $high];
    }
}
