<?php

declare(strict_types=1);

namespace Cresco\Core\Learning;

use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Reading;

/**
 * What a tank makes or takes up of a substance in a day, learned from all of its readings at once. Between changes it moves in a straight
 * line, each change moves it to (1 - f) of itself and f of the source, and a top-up adds what it holds: so every reading is a c0 + b g + d
 * with known a, b and d. All of it in the base unit of the parameter.
 *
 * Each reading speaks for all values within its field, drop or digit alike, with soft edges for what the balance does not know. One
 * that fits nowhere counts as a slip, as one in thirty does. The posterior of g and of the first level c0 is added up on a grid
 * (Bayes' rule), the guess being a bell with heavy sides (Student, 4 degrees of freedom) so that a diary can overrule it.
 */
final readonly class Production
{
    /** Litres of a tank, and so shares and rates, are off alike in all readings: as a share of the rate. House default. */
    private const ALIKE = 0.03;

    /** Below this share of the first level a reading says too little about it to ask. */
    private const FORGOTTEN = 0.1;

    /** Times that the grid is laid, each closer about the answer. */
    private const PASSES = 2;

    /** Rates that a grid has. */
    private const RATES = 33;

    /** First levels that a grid has. */
    private const LEVELS = 9;

    /** The most readings, the newest, that are weighed: a year of them, three a week. */
    private const MOST = 160;

    /**
     * @param Normal                            $prior    the guess, a day
     * @param list<array{float, Reading}>       $readings day and what was read, any order, all of one parameter that has a balance
     * @param list<array{0: float, 1: float, 2: float, 3?: float}> $changes day, share of new water (0 to 1), what that holds and by how much that may be off (a standard deviation); any order
     * @param list<array{float, float}>         $topUps   day, and by how much what was in the top-up raised the tank; any order
     */
    public static function learned(Normal $prior, array $readings, array $changes, array $topUps = []): Posterior
    {
        // What each event leaves of the tank's own, and what it brings.
        $events = [
            ...array_map(static fn(array $change): array => [$change[0], 1.0 - max(0.0, min(1.0, $change[1])), max(0.0, min(1.0, $change[1])) * $change[2]], $changes),
            ...array_map(static fn(array $topUp): array => [$topUp[0], 1.0, $topUp[1]], $topUps),
        ];
        usort($readings, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        usort($events, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $readings = array_slice($readings, -self::MOST);
        // One reading alone says where the tank stands, not where it goes.
        $balance = $readings === [] ? null : $readings[0][1]->parameter->entry()->balance;
        if ($balance === null || count($readings) < 2 || $prior->spread() <= 0.0) {
            return Posterior::guess($prior);
        }
        $lines = self::lines($readings, $events);
        $seen = array_map(static fn(array $reading): Sighting => Sighting::of($balance, $reading[1]), $readings);
        [$low, $high] = self::around($prior, $seen, $lines, $balance->span / 100.0);
        $grid = self::posterior($prior, $seen, $lines, $low, $high);
        for ($pass = 1; $pass < self::PASSES; ++$pass) {
            [$mean, $deviation] = self::moments($grid);
            $step = ($high - $low) / (self::RATES - 1);
            $reach = max(5.0 * $deviation, 3.0 * $step);
            [$low, $high] = [$mean - $reach, $mean + $reach];
            $grid = self::posterior($prior, $seen, $lines, $low, $high);
        }
        [$mean, $deviation] = self::moments($grid);
        $best = $grid[0];
        foreach ($grid as $point) {
            $best = $point[1] > $best[1] ? $point : $best;
        }

        return new Posterior($mean, sqrt($deviation ** 2 + (self::ALIKE * $mean) ** 2 + self::bySource($readings, $changes) ** 2), $prior, count($readings), self::aside($readings, $seen, $lines, $best[0], $best[2]));
    }

    /**
     * What the source is off it is off at every change, and the tank is put down to have made it.
     *
     * @param list<array{float, Reading}>                          $readings in the order of their days
     * @param list<array{0: float, 1: float, 2: float, 3?: float}> $changes
     */
    private static function bySource(array $readings, array $changes): float
    {
        [$from, $to] = [$readings[0][0], $readings[count($readings) - 1][0]];
        $off = 0.0;
        foreach ($changes as $change) {
            $off += $change[0] > $from && $change[0] <= $to ? max(0.0, min(1.0, $change[1])) * ($change[3] ?? 0.0) : 0.0;
        }

        return $to - $from <= 0.0 ? 0.0 : $off / ($to - $from);
    }

    /**
     * How each reading follows from the level at the first of them and from the rate.
     *
     * @param list<array{float, Reading}>      $readings in the order of their days
     * @param list<array{float, float, float}> $events   day, what it leaves (0 to 1) and what it brings, in the order of their days
     *
     * @return list<array{float, float, float}> a, b, d
     */
    private static function lines(array $readings, array $events): array
    {
        $day = $readings[0][0];
        [$a, $b, $d] = [1.0, 0.0, 0.0];
        $events = array_values(array_filter($events, static fn(array $event): bool => $event[0] > $day));
        $next = 0;
        $lines = [];
        foreach ($readings as [$at, $reading]) {
            while (isset($events[$next]) && $events[$next][0] <= $at) {
                [$when, $keeps, $brings] = $events[$next++];
                $b += $when - $day;
                $day = $when;
                [$a, $b, $d] = [$keeps * $a, $keeps * $b, $keeps * $d + $brings];
            }
            $b += $at - $day;
            $day = $at;
            $lines[] = [$a, $b, $d];
        }

        return $lines;
    }

    /**
     * Rates between which the answer lies: those of the guess, and those that the readings have on their face.
     *
     * @param non-empty-list<Sighting>         $seen
     * @param list<array{float, float, float}> $lines
     * @param float                            $least rate that is looked at beyond them
     *
     * @return array{float, float}
     */
    private static function around(Normal $prior, array $seen, array $lines, float $least): array
    {
        $low = $prior->central() - 4.0 * $prior->spread();
        $high = $prior->central() + 4.0 * $prior->spread();
        foreach ($lines as $i => [$a, $b, $d]) {
            if ($b >= 2.0) {
                $rate = ($seen[$i]->value - $a * $seen[0]->value - $d) / $b;
                $low = min($low, $rate - $least);
                $high = max($high, $rate + $least);
            }
        }

        return [$low, $high];
    }

    /**
     * @param non-empty-list<Sighting>         $seen
     * @param list<array{float, float, float}> $lines
     *
     * @return non-empty-list<array{float, float, float}> rate, weight, likeliest first level with it
     */
    private static function posterior(Normal $prior, array $seen, array $lines, float $low, float $high): array
    {
        $first = $seen[0];
        $from = max(0.0, min($first->low, $first->value) - 2.0 * $first->loose());
        $to = max($first->top(), $first->value) + 2.0 * $first->loose();
        $points = [];
        for ($i = 0; $i < self::RATES; ++$i) {
            $rate = $low + ($high - $low) * $i / (self::RATES - 1);
            $z = ($rate - $prior->central()) / $prior->spread();
            $sum = -2.5 * log(1.0 + $z * $z / 4.0);
            $early = [];
            foreach ($lines as $k => [$a, $b, $d]) {
                if ($a >= self::FORGOTTEN) {
                    $early[] = [$seen[$k], $a, $b * $rate + $d];
                } else {
                    $sum += log($seen[$k]->likelihood($a * $first->value + $b * $rate + $d));
                }
            }
            $logs = [];
            for ($j = 0; $j < self::LEVELS; ++$j) {
                $level = $from + ($to - $from) * $j / (self::LEVELS - 1);
                $log = $sum;
                foreach ($early as [$sighting, $a, $rest]) {
                    $log += log($sighting->likelihood($a * $level + $rest));
                }
                $logs[$j] = $log;
            }
            $most = max($logs);
            $points[] = [$rate, $most + log(array_sum(array_map(static fn(float $log): float => exp($log - $most), $logs))), $from + ($to - $from) * (int) array_search($most, $logs, true) / (self::LEVELS - 1)];
        }
        $most = max(array_column($points, 1));

        return array_map(static fn(array $point): array => [$point[0], exp($point[1] - $most), $point[2]], $points);
    }

    /**
     * @param list<array{float, float, float}> $grid
     *
     * @return array{float, float} mean and standard deviation
     */
    private static function moments(array $grid): array
    {
        $sum = $first = $second = 0.0;
        foreach ($grid as [$rate, $weight]) {
            $sum += $weight;
            $first += $weight * $rate;
            $second += $weight * $rate * $rate;
        }
        $mean = $first / $sum;

        return [$mean, sqrt(max(1e-12, $second / $sum - $mean * $mean))];
    }

    /**
     * @param list<array{float, Reading}>      $readings
     * @param list<Sighting>                   $seen
     * @param list<array{float, float, float}> $lines
     *
     * @return list<float> days of readings that are likelier slips than not
     */
    private static function aside(array $readings, array $seen, array $lines, float $rate, float $level): array
    {
        $aside = [];
        foreach ($lines as $i => [$a, $b, $d]) {
            if ($seen[$i]->isOdd($a * $level + $b * $rate + $d)) {
                $aside[] = $readings[$i][0];
            }
        }

        return $aside;
    }
}
