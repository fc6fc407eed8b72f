<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Formula;

/** The level that a routine of equal changes settles at. Concentrations in one unit, production in that unit a day. */
final class SteadyState
{
    public const PEAK = 'peak = source + g * n / f';

    public const TROUGH = 'trough = source + g * n * (1 - f) / f';

    public const FRACTION = 'f = g * n / (limit - source)';

    public const DAYS = 'n = (limit - source) * f / g';

    /** Highest level, just before a change. */
    public static function peak(float $production, float $fraction, float $days, float $source): float
    {
        return Formula::of(self::PEAK)->number(self::routine($production, $fraction, $days, $source));
    }

    /** Lowest level, just after a change. */
    public static function trough(float $production, float $fraction, float $days, float $source): float
    {
        return Formula::of(self::TROUGH)->number(self::routine($production, $fraction, $days, $source));
    }

    /**
     * About where a tank stands that nobody has read: halfway between the highest and the lowest level of its routine, and no further from its
     * source than the days that it has stood can have brought it.
     *
     * @param float $production made in a day; below 0 for what is taken up
     * @param float $fraction   of each change, above 0 and up to 1
     * @param float $days       between changes
     * @param float $stood      days since it was set up, 0 or more; INF where that is long ago
     *
     * @throws WaterChangeFault
     */
    public static function middle(float $production, float $fraction, float $days, float $source, float $stood = INF): float
    {
        $made = abs($production);
        $settled = (self::peak($made, $fraction, $days, 0.0) + self::trough($made, $fraction, $days, 0.0)) / 2.0;
        $moved = $made === 0.0 ? 0.0 : min($settled, $made * max(0.0, $stood));

        return max(0.0, $source + ($production < 0.0 ? -$moved : $moved));
    }

    /** Adds the peak of a routine to a computation that already knows g, n, f and source. */
    public static function addPeak(Computation $computation, string $unit): Computation
    {
        return $computation->line(self::PEAK, 'steady.level_before_each_change_once_routine', $unit);
    }

    /**
     * The fraction that keeps the peak at the limit.
     *
     * @throws WaterChangeFault when the source is above the limit, or all of the water would not be enough
     */
    public static function fractionFor(float $production, float $days, float $source, float $limit): float
    {
        self::requireAbove($production, $days);
        if (!($source < $limit)) {
            throw WaterChangeFault::sourceAboveLimit();
        }
        $fraction = Formula::of(self::FRACTION)->number(['g' => $production, 'n' => $days, 'limit' => $limit, 'source' => $source]);
        if ($fraction > 1.0) {
            throw WaterChangeFault::fraction($fraction);
        }

        return $fraction;
    }

    /**
     * The longest interval in days that keeps the peak at the limit; INF when the tank makes nothing.
     *
     * @throws WaterChangeFault when the source is above the limit
     */
    public static function daysFor(float $production, float $fraction, float $source, float $limit): float
    {
        self::requireAbove($production, $fraction);
        if (!($source < $limit)) {
            throw WaterChangeFault::sourceAboveLimit();
        }
        if ($production === 0.0) {
            return INF;
        }

        return Formula::of(self::DAYS)->number(['g' => $production, 'f' => $fraction, 'limit' => $limit, 'source' => $source]);
    }

    private static function requireAbove(float $production, float $other): void
    {
        if (!is_finite($production) || !is_finite($other) || $production < 0.0 || $other <= 0.0) {
            throw WaterChangeFault::amount();
        }
    }

    /** @return array<string, float> */
    private static function routine(float $production, float $fraction, float $days, float $source): array
    {
        self::requireAbove($production, $days);
        if (!($fraction > 0.0 && $fraction <= 1.0)) {
            throw WaterChangeFault::fraction($fraction);
        }

        return ['g' => $production, 'f' => $fraction, 'n' => $days, 'source' => $source];
    }
}
