<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Lays jobs on days at the least cost of being late, early, over the minutes of a day, and of setting up a tank twice. It begins with each
 * job on its day and takes only what is cheaper: one job to another day, two against each other, all of one tank and day together; then
 * shakes some and descends again, so often, from a seed.
 */
final readonly class Placing
{
    /** Share of the cost of a late day that an early one costs. House default. */
    public const EARLY = 0.1;

    /** Cost of a minute over what a day has. House default. */
    public const OVER = 10.0;

    /** Cost of a minute of work. House default. */
    public const USED = 0.05;

    /** Minutes to lay out and clear up at a tank, once a day. House default. */
    public const SET_UP = 15;

    /** Times that it is shaken and descends again, at least and at most, and pairs of jobs that are looked at in all of them. House defaults. */
    public const RESTARTS = [4, 20, 45_000];

    /** Moves that are looked at: about two seconds. With so many jobs that they do not suffice, the days found until then stand. House limit. */
    public const MOST_LOOKS = 400_000;

    /** Share of the jobs that are moved in a shake. House default. */
    private const SHAKEN = 0.2;

    /** What counts as cheaper. */
    private const LEAST = 1e-9;

    /**
     * @param list<int> $minutes that each day has, from today on
     * @param int       $setUp   minutes for each tank that is worked at in a day, once
     *
     * @throws CalendarFault when there is no day, or one has less than no minutes
     */
    public function __construct(public array $minutes, public int $setUp = self::SET_UP)
    {
        if ($minutes === [] || min($minutes) < 0 || $setUp < 0) {
            throw CalendarFault::days();
        }
    }

    /** Each job on the day that it is due, whatever that costs. */
    public function byDueDay(ScheduledTask ...$jobs): Placement
    {
        $days = count($this->minutes);
        $jobs = array_values($jobs);

        return new Placement($this, $jobs, array_map(static fn(ScheduledTask $job): int => $job->wished($days), $jobs));
    }

    /**
     * @param list<ScheduledTask> $jobs     that may begin within the days that there are
     * @param int                 $seed     the same one gives the same days
     * @param int|null            $restarts fewer the more jobs there are, when nobody says
     */
    public function place(array $jobs, int $seed = 1, ?int $restarts = null): Placement
    {
        $jobs = array_values(array_filter($jobs, fn(ScheduledTask $job): bool => $job->earliest < count($this->minutes)));
        $restarts ??= (int) max(self::RESTARTS[0], min(self::RESTARTS[1], self::RESTARTS[2] / max(1, count($jobs)) ** 2));
        $board = new PlacementBoard($this, $jobs);
        $random = new Randomizer(new Mt19937($seed));
        $this->descend($board);
        [$best, $least] = [$board->days, $board->cost()];
        $free = array_keys(array_filter($jobs, fn(ScheduledTask $job): bool => $job->earliest < min($job->latest, count($this->minutes) - 1)));
        for ($i = 0; $i < $restarts && $free !== [] && self::goesOn($board); ++$i) {
            for ($shake = (int) max(2, round(self::SHAKEN * count($free))); $shake > 0; --$shake) {
                $job = $free[$random->getInt(0, count($free) - 1)];
                $board->move($job, $random->getInt($board->first[$job], $board->last[$job]));
            }
            $this->descend($board);
            if ($board->cost() < $least - self::LEAST) {
                [$best, $least] = [$board->days, $board->cost()];
            } else {
                $board->lay($best);
            }
        }

        return new Placement($this, $jobs, array_values($best), !self::goesOn($board));
    }

    /** Down to where no single step is cheaper. */
    private function descend(PlacementBoard $board): void
    {
        do {
            $isCheaper = $this->single($board) || $this->pairs($board) || $this->sessions($board);
        } while ($isCheaper && self::goesOn($board));
    }

    private static function goesOn(PlacementBoard $board): bool
    {
        return $board->looked < self::MOST_LOOKS;
    }

    private function single(PlacementBoard $board): bool
    {
        $isCheaper = false;
        foreach (array_keys($board->jobs) as $i) {
            if (!self::goesOn($board)) {
                break;
            }
            [$to, $gain] = [$board->days[$i], -self::LEAST];
            for ($day = $board->first[$i]; $day <= $board->last[$i]; ++$day) {
                $costs = $board->costOf($i, $day);
                if ($costs < $gain) {
                    [$to, $gain] = [$day, $costs];
                }
            }
            if ($to !== $board->days[$i]) {
                $board->move($i, $to);
                $isCheaper = true;
            }
        }

        return $isCheaper;
    }

    private function pairs(PlacementBoard $board): bool
    {
        $isCheaper = false;
        $count = count($board->jobs);
        for ($i = 0; $i < $count && self::goesOn($board); ++$i) {
            for ($j = $i + 1; $j < $count; ++$j) {
                [$a, $b] = [$board->days[$i], $board->days[$j]];
                if ($a === $b || $b < $board->first[$i] || $b > $board->last[$i] || $a < $board->first[$j] || $a > $board->last[$j]) {
                    continue;
                }
                $costs = $board->costOf($i, $b);
                $board->move($i, $b);
                $costs += $board->costOf($j, $a);
                if ($costs < -self::LEAST) {
                    $board->move($j, $a);
                    $isCheaper = true;
                } else {
                    $board->move($i, $a);
                }
            }
        }

        return $isCheaper;
    }

    /** All of one tank and day to another day, as far as each may. */
    private function sessions(PlacementBoard $board): bool
    {
        foreach ($board->sessions() as $day => $tanks) {
            foreach ($tanks as $session) {
                if (!self::goesOn($board)) {
                    return false;
                }
                for ($to = 0; $to < count($this->minutes); ++$to) {
                    $movable = array_values(array_filter($session, static fn(int $i): bool => $to >= $board->first[$i] && $to <= $board->last[$i]));
                    if ($to === $day || count($movable) < 2) {
                        continue;
                    }
                    $costs = 0.0;
                    foreach ($movable as $i) {
                        $costs += $board->costOf($i, $to);
                        $board->move($i, $to);
                    }
                    if ($costs < -self::LEAST) {
                        return true;
                    }
                    foreach ($movable as $i) {
                        $board->move($i, $day);
                    }
                }
            }
        }

        return false;
    }
}
