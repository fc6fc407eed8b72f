<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use Cresco\Core\State\Posterior;

/** Minutes that work takes at one tank, learned from how long it took. Minutes multiply, so that all is weighed in logarithms. */
final class Minutes
{
    /** Deviation of one turn, as a logarithm: by about four tenths either way. House default. */
    private const TURN = 0.4;

    /** Turns that the usual minutes count as. House default. */
    private const PRIOR = 2;

    /** Guesses before anything is said of them. House default. */
    private const LEAST = 3;

    /** A step left open over supper does not count for more than so many times the usual, and one ticked at once for no less than that part. House default. */
    private const LONGEST = 6.0;

    /** Deviation of how a keeper guesses before anything is known of it, as a logarithm. House default. */
    private const GUESSES = 0.5;

    /**
     * How many times as long as the keeper guessed the sessions of a tank took. Null before three were guessed.
     *
     * @param list<array{float, float}> $pairs minutes guessed and minutes taken, both above 0 to count
     */
    public static function timesTheGuess(array $pairs): ?float
    {
        $seen = [];
        foreach ($pairs as $i => [$guessed, $taken]) {
            if ($guessed > 0.0 && $taken > 0.0) {
                $seen[] = [log($taken / $guessed), self::TURN, (float) $i];
            }
        }

        return count($seen) < self::LEAST ? null : exp(Average::learned(new NormalValue(0.0, self::GUESSES), $seen)->value);
    }

    /** @param list<float> $taken minutes, those of this tank */
    public static function learned(int $usual, array $taken): int
    {
        return (int) max(1, round(exp(self::posterior($usual, $taken)->value)));
    }

    /**
     * What is held of the minutes, as a logarithm.
     *
     * @param int         $usual minutes, above 0
     * @param list<float> $taken minutes, those of this tank
     */
    public static function posterior(int $usual, array $taken): Posterior
    {
        $usual = max(1, $usual);
        $seen = [];
        foreach ($taken as $i => $minutes) {
            $seen[] = [log(max($usual / self::LONGEST, min(self::LONGEST * $usual, $minutes))), self::TURN, (float) $i];
        }

        return Average::learned(new NormalValue(log($usual), self::TURN / sqrt(self::PRIOR)), $seen);
    }
}
