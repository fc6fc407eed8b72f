<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Numeric\StudentBell;

/**
 * A level shift in a course of values, found by a two-sided cumulative sum (Page, 1954) of what each value is off from what the ones before
 * it foretell (self-starting, Hawkins, 1987): nobody has to say what is usual.
 */
final class LevelShift
{
    /** Deviations that are let pass each time. House default. */
    public const SLACK = 0.5;

    /** Sum from which a weekly course is said to have moved, deviations. House default. */
    public const WEEKLY = 5.0;

    /** The same for a daily course. House default. */
    public const DAILY = 8.0;

    /** Values before which nothing is said. House default. */
    public const LEAST = 20;

    /** Deviations that a single value counts for at most. House default. */
    private const CLIPPED = 3.0;

    /** Deviations by which the likeness of neighbours is taken for greater than it was found: too little of it makes false alarms. House default. */
    private const CAREFUL = 2.2;

    /** Times one over the root of their number that the likeness of neighbours must be to be believed. House default. */
    private const BELIEVED = 1.7;

    /** Values just before that nothing usual is learned from: a shift would hide itself. House default. */
    private const LAG = 3;

    /** The most that neighbours are taken to be alike. House limit. */
    private const ALIKE = 0.8;

    /** Values of one course at most. House limit. */
    private const MOST = 5000;

    /**
     * The first shift in residuals that would be bell-shaped about nothing with a deviation of one; null when there is none.
     *
     * @param list<float> $residuals
     *
     * @throws WatchFault when they are no numbers
     */
    public static function inResiduals(array $residuals, float $alarm = self::WEEKLY, float $slack = self::SLACK): ?Shift
    {
        [$upper, $lower] = self::sums($residuals, $slack);
        if (!($alarm > 0.0 && $alarm < INF)) {
            throw WatchFault::limits();
        }
        foreach ($upper as $i => $sum) {
            if ($sum > $alarm || $lower[$i] > $alarm) {
                return new Shift($i, self::began($residuals, $i), $sum > $alarm);
            }
        }

        return null;
    }

    /**
     * Both running sums.
     *
     * @param list<float> $residuals
     *
     * @return array{list<float>, list<float>} of what lies above, and of what lies below
     *
     * @throws WatchFault
     */
    public static function sums(array $residuals, float $slack = self::SLACK): array
    {
        self::check($residuals);
        if (!($slack > 0.0 && $slack < INF)) {
            throw WatchFault::limits();
        }
        $upper = $lower = [];
        $up = $down = 0.0;
        foreach ($residuals as $z) {
            $upper[] = $up = max(0.0, $up + $z - $slack);
            $lower[] = $down = max(0.0, $down - $z - $slack);
        }

        return [$upper, $lower];
    }

    /**
     * The last shift in a course; null when it stands where it stood. Each time that one is found the course begins again from there.
     *
     * @param list<float> $values in the order of their days, evenly spaced more or less
     *
     * @throws WatchFault when they are no numbers
     */
    public static function last(array $values, float $alarm = self::WEEKLY): ?Shift
    {
        self::check($values);
        $from = 0;
        $last = null;
        while (count($values) - $from > self::LEAST) {
            $found = self::inResiduals(self::residuals(array_slice($values, $from)), $alarm);
            if ($found === null) {
                break;
            }
            $last = new Shift($from + $found->alarm, $from + $found->began, $found->up, $from);
            $from += max(1, $found->began);
        }

        return $last;
    }

    /**
     * What each value is off from what those before it foretell, as deviations of a bell curve; nothing for the first ones.
     *
     * @param list<float> $values
     *
     * @return list<float>
     *
     * @throws WatchFault
     */
    public static function residuals(array $values): array
    {
        self::check($values);
        $residuals = [];
        foreach ($values as $n => $value) {
            $residuals[] = $n < self::LEAST ? 0.0 : self::residual(array_slice($values, 0, max(self::LEAST, $n - self::LAG)), $values[$n - 1], $value);
        }

        return $residuals;
    }

    /** @param list<float> $before what is usual is learned from */
    private static function residual(array $before, float $neighbour, float $value): float
    {
        $n = count($before);
        $mean = array_sum($before) / $n;
        $off = array_map(static fn(float $one): float => $one - $mean, $before);
        $square = $neighbours = 0.0;
        foreach ($off as $i => $one) {
            $square += $one * $one;
            $neighbours += $i === 0 ? 0.0 : $one * $off[$i - 1];
        }
        if ($square <= 1e-18 * max(1.0, $mean * $mean)) {
            return abs($value - $mean) <= 1e-9 * max(1.0, abs($mean)) ? 0.0 : ($value > $mean ? self::CLIPPED : -self::CLIPPED);
        }
        $found = $neighbours / $square;
        // Found in few values it comes out too small (Kendall, 1954).
        $alike = $found <= self::BELIEVED / sqrt($n) ? 0.0 : min(self::ALIKE, $found + (1.0 + 4.0 * $found) / $n + self::CAREFUL / sqrt($n));
        $rest = 0.0;
        for ($i = 1; $i < $n; ++$i) {
            $rest += ($off[$i] - $alike * $off[$i - 1]) ** 2;
        }
        $deviation = sqrt($rest / ($n - 2));
        $t = ($value - $mean - $alike * ($neighbour - $mean)) / max(1e-300, $deviation) * sqrt(($n - 1) / $n);

        return max(-self::CLIPPED, min(self::CLIPPED, StudentBell::deviations($t, $n - 2.0)));
    }

    /**
     * The day it began: where the residuals up to the alarm lie furthest from nothing for how many they are.
     *
     * @param list<float> $residuals
     */
    private static function began(array $residuals, int $alarm): int
    {
        $sum = 0.0;
        [$most, $began] = [-1.0, $alarm];
        for ($from = $alarm; $from >= 0; --$from) {
            $sum += $residuals[$from];
            $likely = $sum * $sum / ($alarm - $from + 1);
            // The earliest when two are alike.
            if ($likely >= $most) {
                [$most, $began] = [$likely, $from];
            }
        }

        return $began;
    }

    /**
     * @param list<float> $values
     *
     * @throws WatchFault
     */
    private static function check(array $values): void
    {
        if (count($values) > self::MOST || array_filter($values, static fn(float $value): bool => !is_finite($value) || abs($value) > 1e100) !== []) {
            throw WatchFault::values();
        }
    }
}
