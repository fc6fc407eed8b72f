<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Numeric\Median;

/** Minutes that a step takes at one tank, learned from how long it took. */
final class Minutes
{
    /** The default counts as much as this many times. House default. */
    private const PRIOR = 2;

    /** Guesses before anything is said of them. House default. */
    private const LEAST = 3;

    /** A step left open over supper does not count for more than so many times the default. House default. */
    private const LONGEST = 4.0;

    /**
     * How many times as long as the keeper guessed the sessions of a tank took: the median, of which one that went astray
     * moves little. Null before three were guessed.
     *
     * @param list<array{float, float}> $pairs minutes guessed and minutes taken
     */
    public static function timesTheGuess(array $pairs): ?float
    {
        $ratios = [];
        foreach ($pairs as [$guessed, $taken]) {
            if ($guessed > 0.0 && $taken > 0.0) {
                $ratios[] = $taken / $guessed;
            }
        }
        if ($ratios === [] || count($ratios) < self::LEAST) {
            return null;
        }

        return Median::of($ratios);
    }

    /** @param list<float> $taken minutes, those of this tank */
    public static function learned(int $default, array $taken): int
    {
        $sum = self::PRIOR * $default;
        foreach ($taken as $minutes) {
            $sum += max(0.0, min(self::LONGEST * max(1, $default), $minutes));
        }

        return (int) max(1, round($sum / (self::PRIOR + count($taken))));
    }
}
