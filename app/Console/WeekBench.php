<?php

declare(strict_types=1);

namespace App\Console;

use Cresco\Core\Planning\Placing;
use Cresco\Core\Planning\ScheduledTask;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Weeks of 60 random jobs of twelve tanks, placed on 28 days. */
final class WeekBench
{
    private const WEEKS = 12;

    private const JOBS = 60;

    private const DAYS = 28;

    /** @return list<float> seconds that each took */
    public static function run(): array
    {
        $chance = new Randomizer(new Mt19937(9));
        $times = [];
        for ($week = 0; $week < self::WEEKS; ++$week) {
            $jobs = [];
            for ($i = 0; $i < self::JOBS; ++$i) {
                $due = $chance->getInt(-3, self::DAYS - 1);
                $earliest = max(0, $due - $chance->getInt(0, 4));
                $jobs[] = new ScheduledTask(
                    'j'.$i,
                    $chance->getInt(1, 12),
                    5 * $chance->getInt(1, 8),
                    $due,
                    $earliest,
                    max($earliest, $due) + $chance->getInt(0, 8),
                    [1.0, 2.0, 4.0, 8.0][$chance->getInt(0, 3)],
                );
            }
            $placing = new Placing(array_map(static fn(int $day): int => [0, 60, 90, 30, 60, 120, 45][$day % 7], range(0, self::DAYS - 1)));
            $from = microtime(true);
            $placing->place($jobs, $week);
            $times[] = microtime(true) - $from;
        }

        return $times;
    }
}
