<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

/** Minutes that a step takes at one tank, learned from how long it took. */
final class Minutes
{
    /** The default counts as much as this many times. House default. */
    private const PRIOR = 2;

    /** A step left open over supper does not count for more than so many times the default. House default. */
    private const LONGEST = 4.0;

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
