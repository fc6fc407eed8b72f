<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\NonNegativeLeastSquares;

/** Amounts of several feeds that together bring what is wanted, none below nothing, in steps that can be measured. */
final readonly class Doses
{
    /** Squares of what matters little that may be missed for the sake of fewer things to measure: together less than half of one width. House default. */
    private const MISSED = 0.2;

    /** Rounding is tried jointly for at most so many feeds; the rest is rounded each by itself. */
    private const JOINTLY = 8;

    /** By which share of a corridor's width too much of a nutrient weighs more than too little. House default. */
    private const TOO_MUCH = 1.5;

    /**
     * @param array<string, float> $amounts by feed key, in its unit
     * @param array<string, float> $brings  mg/L by parameter value
     */
    private function __construct(public array $amounts, public array $brings) {}

    /**
     * @param list<Fertiliser>                   $feeds
     * @param array<string, array{float, float}> $wanted mg/L to bring and how much of it matters little (above 0), by parameter value
     * @param array<string, float>               $most   mg/L that may be brought at all, by parameter value
     * @param array<string, float>               $ofEach amount of each that may be given at most, by feed key
     * @param float                              $litres of the water, above 0
     *
     * @throws FertilisingFault
     */
    public static function of(array $feeds, array $wanted, array $most, float $litres, array $ofEach = []): self
    {
        if (!($litres > 0.01 && $litres < 1e6)) {
            throw FertilisingFault::feed();
        }
        $feeds = array_values(array_filter($feeds, static fn(Fertiliser $feed): bool => array_filter(array_intersect_key($feed->milligrams, $wanted)) !== []));
        if ($feeds === [] || $wanted === []) {
            return new self([], []);
        }
        $columns = [];
        $goal = array_map(static fn(array $one): float => $one[0] / max(1e-9, $one[1]), array_values($wanted));
        foreach ($feeds as $feed) {
            $column = [];
            foreach ($wanted as $name => [, $width]) {
                $column[] = ($feed->milligrams[$name] ?? 0.0) / $litres / max(1e-9, $width);
            }
            $columns[] = $column;
        }
        $free = self::few($columns, $goal);
        $amounts = self::within($free, $feeds, $most, $litres);
        if ($amounts !== $free) {
            $amounts = self::filledUp($amounts, $columns, $goal, $feeds, $most);
        }
        // What each is held to is measured by its step, downwards.
        $held = array_map(static fn(Fertiliser $feed): float => floor(($ofEach[$feed->key] ?? 1e12) / $feed->step + 1e-9) * $feed->step, $feeds);
        $amounts = array_map(static fn(float $amount, float $limit): float => min($amount, $limit), $amounts, $held);
        $amounts = self::rounded($amounts, $feeds, $wanted, $most, $litres);
        $found = [];
        foreach ($feeds as $j => $feed) {
            if ($amounts[$j] > 0.0) {
                $found[$feed->key] = $amounts[$j];
            }
        }

        return new self($found, self::brought($amounts, $feeds, $litres));
    }

    /**
     * Amounts of as few feeds as do: one that is hardly missed stays in stock, so that nobody measures five things where two are enough.
     *
     * @param list<list<float>> $columns what a unit of each brings, in widths of what matters little
     * @param list<float>       $goal    in the same
     *
     * @return list<float>
     */
    private static function few(array $columns, array $goal): array
    {
        $amounts = NonNegativeLeastSquares::solve($columns, $goal);
        $off = self::off($columns, $amounts, $goal);
        while (true) {
            $used = array_keys(array_filter($amounts, static fn(float $amount): bool => $amount > 0.0));
            [$best, $least] = [null, $off + self::MISSED];
            foreach (count($used) > 1 ? $used : [] as $without) {
                $rest = array_values(array_diff($used, [$without]));
                $tried = array_fill(0, count($columns), 0.0);
                foreach (NonNegativeLeastSquares::solve(array_map(static fn(int $j): array => $columns[$j], $rest), $goal) as $k => $amount) {
                    $tried[$rest[$k]] = $amount;
                }
                $tried = array_values($tried);
                $then = self::off($columns, $tried, $goal);
                if ($then < $least) {
                    [$best, $least] = [$tried, $then];
                }
            }
            if ($best === null) {
                return $amounts;
            }
            $amounts = $best;
        }
    }

    /**
     * Squares by which amounts miss the goal.
     *
     * @param list<list<float>> $columns
     * @param list<float>       $amounts
     * @param list<float>       $goal
     */
    private static function off(array $columns, array $amounts, array $goal): float
    {
        $sum = 0.0;
        foreach ($goal as $i => $wanted) {
            foreach ($amounts as $j => $amount) {
                $wanted -= $amount * $columns[$j][$i];
            }
            $sum += $wanted ** 2;
        }

        return $sum;
    }

    /**
     * How high a nutrient comes when it is dosed again and again, mg/L: day by day, a change coming before the dose of its day.
     *
     * @param float $level  now, 0 or more
     * @param float $rate   made in a day; below 0 for what is taken up
     * @param float $loss   share that is lost in a day, 0 or more
     * @param float $dose   that each brings
     * @param int   $every  days from one dose to the next, 1 or more
     * @param float $share  of each change, 0 to 1
     * @param int   $days   from one change to the next, 1 or more
     * @param float $source that the new water holds, 0 or more
     *
     * @throws FertilisingFault
     */
    public static function peak(float $level, float $rate, float $loss, float $dose, int $every, float $share, int $days, float $source, int $ahead): float
    {
        if (
            !($level >= 0.0 && is_finite($rate) && $loss >= 0.0 && $dose >= 0.0 && $share >= 0.0 && $share <= 1.0 && $source >= 0.0)
            || $every < 1
            || $days < 1
            || $ahead < 1
            || $ahead > 1000
        ) {
            throw FertilisingFault::routine();
        }
        $highest = $level;
        for ($day = 1; $day <= $ahead; ++$day) {
            $level = max(0.0, $level * exp(-$loss) + $rate);
            $highest = max($highest, $level);
            $level = $day % $days === 0 ? (1.0 - $share) * $level + $share * $source : $level;
            $level += ($day - 1) % $every === 0 ? $dose : 0.0;
            $highest = max($highest, $level);
        }

        return $highest;
    }

    /**
     * The most that each of several doses may bring, so that a level passes its limit neither after any of them nor before the next change.
     *
     * @param float $room  from the level after the change to the limit, mg/L; below 0 where it is passed already
     * @param float $rate  made in a day, mg/L; below 0 for what is taken up
     * @param int   $every days from one dose to the next, 1 or more
     * @param int   $days  until the next change, 1 or more
     *
     * @throws FertilisingFault
     */
    public static function mostOfEach(float $room, float $rate, int $every, int $days): float
    {
        if ($every < 1 || $days < 1 || !is_finite($room) || !is_finite($rate)) {
            throw FertilisingFault::routine();
        }
        $most = INF;
        $doses = intdiv($days - 1, $every) + 1;
        for ($n = 1; $n <= $doses; ++$n) {
            $most = min($most, ($room - ($n - 1) * $every * $rate) / $n);
        }

        return max(0.0, min($most, ($room - $days * $rate) / $doses));
    }

    /**
     * Scaled down, feed by feed, until nothing passes what may be brought.
     *
     * @param list<float>          $amounts
     * @param list<Fertiliser>     $feeds
     * @param array<string, float> $most
     *
     * @return list<float>
     */
    private static function within(array $amounts, array $feeds, array $most, float $litres): array
    {
        foreach ($most as $name => $limit) {
            $sum = self::brought($amounts, $feeds, $litres)[$name] ?? 0.0;
            if ($sum > $limit) {
                $amounts = array_map(
                    static fn(float $amount, Fertiliser $feed): float => ($feed->milligrams[$name] ?? 0.0) > 0.0 ? $amount * max(0.0, $limit) / $sum : $amount,
                    $amounts,
                    $feeds,
                );
            }
        }

        return $amounts;
    }

    /**
     * What a limit took away is brought by feeds that it does not bind, as far as they can.
     *
     * @param list<float>          $amounts
     * @param list<list<float>>    $columns
     * @param list<float>          $goal
     * @param list<Fertiliser>     $feeds
     * @param array<string, float> $most
     *
     * @return list<float>
     */
    private static function filledUp(array $amounts, array $columns, array $goal, array $feeds, array $most): array
    {
        $others = [];
        foreach ($feeds as $j => $feed) {
            if (array_filter(array_intersect_key($feed->milligrams, $most)) === []) {
                $others[] = $j;
                continue;
            }
            foreach ($goal as $i => $wanted) {
                $goal[$i] = $wanted - $columns[$j][$i] * $amounts[$j];
            }
        }
        $found = $others === [] ? [] : NonNegativeLeastSquares::solve(array_map(static fn(int $j): array => $columns[$j], $others), array_values($goal));
        foreach ($others as $k => $j) {
            $amounts[$j] = $found[$k];
        }

        return array_values($amounts);
    }

    /**
     * @param list<float>                        $amounts
     * @param list<Fertiliser>                   $feeds
     * @param array<string, array{float, float}> $wanted
     * @param array<string, float>               $most
     *
     * @return list<float>
     */
    private static function rounded(array $amounts, array $feeds, array $wanted, array $most, float $litres): array
    {
        $down = $up = [];
        foreach ($feeds as $j => $feed) {
            $down[$j] = floor($amounts[$j] / $feed->step + 1e-9) * $feed->step;
            $up[$j] = $amounts[$j] > $down[$j] + 1e-9 * $feed->step ? $down[$j] + $feed->step : $down[$j];
        }
        $best = array_values($down);
        $least = self::misses($best, $feeds, $wanted, $litres);
        $open = array_slice(array_keys(array_filter($down, static fn(float $low, int $j): bool => $up[$j] > $low, ARRAY_FILTER_USE_BOTH)), 0, self::JOINTLY);
        for ($mask = 1; $mask < 1 << count($open); ++$mask) {
            $tried = $down;
            foreach ($open as $bit => $j) {
                if (($mask >> $bit & 1) === 1) {
                    $tried[$j] = $up[$j];
                }
            }
            $tried = array_values($tried);
            $brings = self::brought($tried, $feeds, $litres);
            foreach ($most as $name => $limit) {
                if (($brings[$name] ?? 0.0) > $limit + 1e-12) {
                    continue 2;
                }
            }
            $misses = self::misses($tried, $feeds, $wanted, $litres);
            if ($misses < $least) {
                [$best, $least] = [$tried, $misses];
            }
        }

        return array_map(static fn(float $amount): float => round($amount, 9), $best);
    }

    /**
     * @param list<float>                        $amounts
     * @param list<Fertiliser>                   $feeds
     * @param array<string, array{float, float}> $wanted
     */
    private static function misses(array $amounts, array $feeds, array $wanted, float $litres): float
    {
        $brings = self::brought($amounts, $feeds, $litres);
        $sum = 0.0;
        foreach ($wanted as $name => [$goal, $width]) {
            $off = (($brings[$name] ?? 0.0) - $goal) / max(1e-9, $width);
            $sum += ($off > 0.0 ? self::TOO_MUCH : 1.0) * $off ** 2;
        }

        return $sum;
    }

    /**
     * @param list<float>      $amounts
     * @param list<Fertiliser> $feeds
     *
     * @return array<string, float> mg/L by parameter value
     */
    private static function brought(array $amounts, array $feeds, float $litres): array
    {
        $brings = [];
        foreach ($feeds as $j => $feed) {
            foreach ($feed->milligrams as $name => $milligrams) {
                $brings[$name] = ($brings[$name] ?? 0.0) + $milligrams * $amounts[$j] / $litres;
            }
        }

        return $brings;
    }
}
