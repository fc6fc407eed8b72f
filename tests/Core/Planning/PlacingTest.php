<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Planning\PlacementReason;
use Cresco\Core\Planning\Placing;
use Cresco\Core\Planning\ScheduledTask;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Row;

final class PlacingTest extends TestCase
{
    /** @return iterable<int, array{Row}> */
    public static function weeks(): iterable
    {
        foreach (Data::rows('week') as $row) {
            yield [$row];
        }
    }

    #[DataProvider('weeks')]
    public function testAWeekLiesAtTheLeastCostThatAllPlacementsHave(Row $week): void
    {
        $jobs = [];
        foreach ($week->rows('jobs') as $i => $job) {
            $jobs[] = new ScheduledTask(
                'j'.$i,
                (int) $job->number('tank'),
                (int) $job->number('minutes'),
                (int) $job->number('due'),
                (int) $job->number('earliest'),
                (int) $job->number('latest'),
                $job->number('cost_per_day'),
            );
        }
        $placing = new Placing(array_map(intval(...), $week->numbers('days_minutes')), (int) $week->number('setup_minutes_per_tank_and_day'));

        self::assertEqualsWithDelta($week->number('least_cost'), $placing->place($jobs)->bill()->total(), 1e-4);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testASmallWeekIsAsCheapAsTheBestOfAllPlacements(int $seed): void
    {
        [$placing, $jobs] = self::random($seed, 6, 5);
        $best = INF;
        // All of them, by counting.
        $places = array_map(static fn(ScheduledTask $job): array => range($job->earliest, min($job->latest, 4)), $jobs);
        $all = [[]];
        foreach ($places as $days) {
            $more = [];
            foreach ($all as $begun) {
                foreach ($days as $day) {
                    $more[] = [...$begun, $day];
                }
            }
            $all = $more;
        }
        foreach ($all as $days) {
            $best = min($best, self::cost($placing, $jobs, $days));
        }

        self::assertEqualsWithDelta($best, $placing->place($jobs, $seed)->bill()->total(), 1e-6);
    }

    #[DataProvider('seeds')]
    public function testAMonthIsNeverDearerThanEachJobOnItsDayAndTheSameForTheSameSeed(int $seed): void
    {
        [$placing, $jobs] = self::random($seed, 30, 28);
        $placed = $placing->place($jobs, 5, 4);

        self::assertLessThanOrEqual($placing->byDueDay(...$jobs)->bill()->total() + 1e-9, $placed->bill()->total());
        $days = array_map(static fn(ScheduledTask $job): ?int => $placed->day($job->id), $jobs);
        self::assertEqualsWithDelta(self::cost($placing, $jobs, array_map(intval(...), $days)), $placed->bill()->total(), 1e-6);
        $again = $placing->place($jobs, 5, 4);
        self::assertSame($days, array_map(static fn(ScheduledTask $job): ?int => $again->day($job->id), $jobs));
        foreach ($jobs as $job) {
            self::assertGreaterThanOrEqual($job->earliest, $placed->day($job->id));
            self::assertLessThanOrEqual(min($job->latest, 27), $placed->day($job->id));
        }
    }

    public function testWhatIsSaidOfAMoveIsWhatItCosts(): void
    {
        [$placing, $jobs] = self::random(4, 12, 7);
        $placed = $placing->place($jobs);
        $days = array_map(static fn(ScheduledTask $job): int => (int) $placed->day($job->id), $jobs);
        $moved = $days;
        $moved[3] = ($days[3] + 1) % 7;

        self::assertEqualsWithDelta(
            self::cost($placing, $jobs, array_values($moved)) - self::cost($placing, $jobs, $days),
            $placed->ifMoved('j3', $moved[3])?->total(),
            1e-6,
        );
        self::assertSame($days, array_map(static fn(ScheduledTask $job): ?int => $placed->day($job->id), $jobs), 'nothing has moved');
        self::assertNull($placed->ifMoved('nowhere', 2));
        self::assertNull($placed->ifMoved('j3', 9));
    }

    #[DataProvider('seeds')]
    public function testEveryMoveIsSaidToCostByPartsWhatTheWeekThenCostsByParts(int $seed): void
    {
        [$placing, $jobs] = self::random($seed, 10, 6);
        $placed = $placing->place($jobs, $seed, 2);
        $days = array_map(static fn(ScheduledTask $job): int => (int) $placed->day($job->id), $jobs);
        $before = self::parts($placing, $jobs, $days);
        foreach ($jobs as $i => $job) {
            foreach (range(0, 5) as $day) {
                $more = $placed->ifMoved($job->id, $day) ?? self::fail();
                $after = self::parts($placing, $jobs, array_values(array_replace($days, [$i => $day])));
                self::assertEqualsWithDelta($after[0] - $before[0], $more->late + $more->early, 1e-9);
                self::assertSame([$after[1] - $before[1], $after[2] - $before[2]], [$more->minutesOver(), $more->minutes()], "$job->id to $day");
            }
        }
    }

    /**
     * Cost of days, minutes over and minutes of work, by the rule itself.
     *
     * @param list<ScheduledTask> $jobs
     * @param list<int>           $days
     *
     * @return array{float, int, int}
     */
    private static function parts(Placing $placing, array $jobs, array $days): array
    {
        $cost = 0.0;
        $used = $tanks = [];
        foreach ($jobs as $i => $job) {
            $late = $days[$i] - $job->due;
            $cost += ($late > 0 ? $late : -0.1 * $late) * $job->perDay;
            $used[$days[$i]] = ($used[$days[$i]] ?? 0) + $job->minutes + ($job->tank === 0 || isset($tanks[$days[$i]][$job->tank]) ? 0 : $placing->setUp);
            $tanks[$days[$i]][$job->tank] = true;
        }

        return [$cost, array_sum(array_map(
            static fn(int $day, int $minutes): int => max(0, $minutes - $placing->minutes[$day]),
            array_keys($used),
            $used,
        )), array_sum($used)];
    }

    public function testFlossSlipsSinceItCanWaitAndTheTrimCannot(): void
    {
        $placed = (new Placing([40, 40], 15))->place([new ScheduledTask('floss', 1, 20, 0, 0, 1, 1.0), new ScheduledTask('trim', 2, 25, 0, 0, 1, 8.0)]);

        self::assertSame([1, 0], [$placed->day('floss'), $placed->day('trim')]);
        self::assertSame(PlacementReason::Full, $placed->why('floss'));
        self::assertSame('trim', $placed->instead('floss')?->id);
        self::assertSame(PlacementReason::Due, $placed->why('trim'));
    }

    public function testWorkAtOneTankComesTogetherSoThatItIsSetUpOnce(): void
    {
        // Twice set up is 15 minutes more, 0.75; a day early costs 0.1.
        $placed = (new Placing([90, 90], 15))->place([new ScheduledTask('panes', 1, 8, 1, 0, 1, 1.0), new ScheduledTask('change', 1, 30, 0, 0, 0, 4.0)]);

        self::assertSame(0, $placed->day('panes'));
        self::assertSame(PlacementReason::Together, $placed->why('panes'));
        self::assertSame(53, $placed->minutes(0));
    }

    public function testADayWithoutTimeIsLeftAloneAndWhatTheHandLaidStays(): void
    {
        $placed = (new Placing([0, 60, 60], 15))->place([new ScheduledTask('a', 1, 20, 0, 0, 2, 1.0), new ScheduledTask('b', 2, 20, 0, 2, 2, 1.0, true)]);

        self::assertSame(1, $placed->day('a'));
        self::assertSame(PlacementReason::NoTime, $placed->why('a'));
        self::assertSame(2, $placed->day('b'));
        self::assertSame(PlacementReason::Hand, $placed->why('b'));
    }

    public function testWhatIsDoneAtHomeNeedsNothingSetUp(): void
    {
        self::assertSame(10, (new Placing([60], 15))->place([new ScheduledTask('a', 0, 10, 0, 0, 0, 1.0)])->minutes(0));
    }

    /** @return array{Placing, list<ScheduledTask>} */
    private static function random(int $seed, int $count, int $days): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $jobs = [];
        for ($i = 0; $i < $count; ++$i) {
            $due = $random->getInt(-2, $days - 1);
            $earliest = max(0, $due - $random->getInt(0, 3));
            $jobs[] = new ScheduledTask(
                'j'.$i,
                $random->getInt(0, 4),
                5 * $random->getInt(1, 6),
                $due,
                $earliest,
                max($earliest, $due) + $random->getInt(0, 3),
                [1.0, 2.0, 4.0, 8.0][$random->getInt(0, 3)],
            );
        }

        return [new Placing(array_map(static fn(int $day): int => [0, 60, 90, 30, 45, 120, 60][$day % 7], range(0, $days - 1)), 15), $jobs];
    }

    /**
     * By the rule itself.
     *
     * @param list<ScheduledTask> $jobs
     * @param list<int>           $days
     */
    private static function cost(Placing $placing, array $jobs, array $days): float
    {
        [$cost, $over, $used] = self::parts($placing, $jobs, $days);

        return $cost + 0.05 * $used + 10.0 * $over;
    }

    public function testSoManyJobsThatNotEveryDayCanBeTriedAreLaidAllTheSame(): void
    {
        $jobs = [];
        for ($i = 0; $i < 1500; ++$i) {
            $jobs[] = new ScheduledTask("j$i", $i % 60, 5 + $i % 20, $i % 28, max(0, $i % 28 - 4), min(27, $i % 28 + 4), 1.0 + $i % 3);
        }
        $placed = (new Placing(array_fill(0, 28, 60), 5))->place($jobs);
        self::assertTrue($placed->isCutShort);
        foreach ($jobs as $job) {
            self::assertGreaterThanOrEqual($job->earliest, $placed->day($job->id));
            self::assertLessThanOrEqual($job->latest, $placed->day($job->id));
        }
        // Days that a hundred jobs lie on are all tried.
        self::assertFalse((new Placing(array_fill(0, 28, 60), 5))->place(array_slice($jobs, 0, 100))->isCutShort);
    }
}
