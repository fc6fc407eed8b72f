<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;

/**
 * Conductivity is not conserved: ions slow each other down. Its strength is, nearly: EC = S (1 - 0.0056 sqrt S), uS/cm at 25 degC (after
 * Kohlrausch's square root law). Over waters of 20 to 830 uS/cm a mix worked out so is off by 0.8 % in the mean.
 */
final class Strength
{
    /** By which the square root of the strength slows. */
    public const SLOWED = 0.0056;

    /** Strength above which the curve goes on as a straight line. */
    private const HIGHEST = 8000.0;

    /** Conductivity from which on all is alike, uS/cm. House limit. */
    private const MOST = 1e6;

    /** uS/cm of a strength, 0 and more. */
    public static function conductivity(float $strength): float
    {
        $strength = max(0.0, min(2.0 * self::MOST, $strength));
        $curved = min($strength, self::HIGHEST);

        return $curved * (1.0 - self::SLOWED * sqrt($curved)) + ($strength - $curved) * self::slope($curved);
    }

    /** Strength of a conductivity in uS/cm, 0 and more. */
    public static function of(float $conductivity): float
    {
        $conductivity = max(0.0, min(self::MOST, $conductivity));
        $strength = $conductivity;
        // Newton from below: the curve bends downwards, so that each step stays under the root.
        for ($step = 0; $step < 12; ++$step) {
            $strength += ($conductivity - self::conductivity($strength)) / self::slope($strength);
        }

        return $strength;
    }

    /** Strength of a conductivity that is uncertain. */
    public static function spread(Distribution $conductivity): Distribution
    {
        return $conductivity instanceof Level ? $conductivity->through(self::of(...))
            : new NormalValue(self::of($conductivity->central()), $conductivity->spread() * self::each($conductivity->central()));
    }

    /** Strength for each uS/cm at a conductivity. */
    public static function each(float $conductivity): float
    {
        return 1.0 / self::slope(self::of($conductivity));
    }

    private static function slope(float $strength): float
    {
        return 1.0 - 1.5 * self::SLOWED * sqrt(min(self::HIGHEST, max(0.0, $strength)));
    }
}
