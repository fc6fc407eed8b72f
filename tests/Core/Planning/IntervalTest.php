<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\AmountFound;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\Lateness;
use Cresco\Core\Planning\PlanningFault;
use Cresco\Core\Planning\Recurrence;
use Cresco\Core\Planning\StockForecast;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class IntervalTest extends TestCase
{
    public function testItIsTheUsualOneUntilSomethingWasFound(): void
    {
        $interval = Interval::learned(7, []);
        self::assertSame([7, 0], [$interval->days(), $interval->count()]);
        // Two tanks of three within a factor of one and a half: eight of ten within 1.68.
        self::assertSame([4, 12], $interval->band());
    }

    public function testPanesFoundHalfCoveredComeSooner(): void
    {
        // By hand: w = 0.35^2/0.405^2 = 0.7468; ln 7 and three times ln 4.9 weigh to (0.7468*1.9459 + 3*1.5892)/3.7468 = 1.6603, e^ is 5.26.
        $much = Interval::learned(7, [[7.0, AmountFound::Much, 1.0], [7.0, AmountFound::Much, 8.0], [7.0, AmountFound::Much, 15.0]]);
        self::assertSame(5, $much->days());
        self::assertEqualsWithDelta(5.26, exp($much->log->value), 0.01);
        self::assertGreaterThan(8, Interval::learned(7, [[7.0, AmountFound::Little, 1.0], [7.0, AmountFound::Little, 8.0]])->days());
        self::assertSame(7, Interval::learned(7, [[7.0, AmountFound::Expected, 1.0]])->days());
    }

    public function testTheMoreWasFoundTheLessTheUsualCounts(): void
    {
        $turns = array_map(static fn(int $n): array => [20.0, AmountFound::Expected, (float) $n], range(1, 12));
        self::assertSame(19, Interval::learned(7, $turns)->days());
        self::assertLessThan(17, Interval::learned(7, array_slice($turns, 0, 2))->days());
    }

    public function testOneWildTurnAmongManyIsSetAside(): void
    {
        $turns = array_map(static fn(int $n): array => [7.0, AmountFound::Expected, (float) $n], range(1, 6));
        $interval = Interval::learned(7, [...$turns, [200.0, AmountFound::Expected, 9.0]]);
        self::assertSame(7, $interval->days());
        self::assertSame([9.0], $interval->log->aside);
    }

    public function testItsWorkingComesToTheSameDays(): void
    {
        $interval = Interval::learned(7, [[5.0, AmountFound::Much, 1.0], [9.0, AmountFound::Expected, 2.0]]);
        self::assertEqualsWithDelta(exp($interval->log->value), $interval->working('x')->value('days'), 1e-9);
        self::assertEqualsWithDelta(7.0, Interval::learned(7, [])->working('x')->value('days'), 1e-9);
    }

    public function testAJobThatComesAfterNoDaysIsAFault(): void
    {
        $this->expectException(PlanningFault::class);
        Interval::learned(0, []);
    }

    public function testEveryTaskOfASessionIsAKindOfJobThatNamesIt(): void
    {
        foreach (Task::cases() as $task) {
            self::assertSame($task->value, $task->kind()->task);
            self::assertSame($task->kind()->days, $task->days());
        }
        self::assertSame([7, 28, 14], [Task::Glass->days(), Task::Media->days(), Task::Vacuum->days()]);
    }

    public function testWhatEndangersAnimalsWaitsLeast(): void
    {
        self::assertSame([1.0, 4.0, 8.0], array_map(static fn(Lateness $grade): float => $grade->aDay(), Lateness::cases()));
        self::assertSame(Lateness::Endangers, JobKinds::of('impeller')->lateness);
        self::assertSame(Lateness::Harms, JobKinds::of('change')->lateness);
        self::assertSame(Lateness::Looks, JobKinds::of('glass')->lateness);
        self::assertSame(Recurrence::Expiry, JobKinds::of('reagents')->comes);
        self::assertSame('own', JobKinds::of('no such kind')->key);
        self::assertGreaterThanOrEqual(18, count(JobKinds::offered()));
        self::assertGreaterThanOrEqual(27, count(array_filter(JobKinds::all(), static fn(JobKind $kind): bool => $kind->atTank)));
    }

    public function testAWeeklyJobMayBeTwoDaysEarlyAndWaitsFour(): void
    {
        self::assertSame([2, 4], [JobKinds::of('glass')->daysEarly(), JobKinds::of('glass')->daysLate()]);
        self::assertSame([6, 10], [JobKinds::of('glass')->daysEarly(20.0), JobKinds::of('glass')->daysLate(20.0)]);
        self::assertSame(1, JobKinds::of('after')->daysLate());
    }

    public function testStockIsOrderedSoThatItIsThereInTimeWithTwoDaysInHand(): void
    {
        $food = new StockForecast(20.0, 7.0, 5);
        self::assertSame([20, 13], [$food->lasts(), $food->orderIn()]);
        self::assertSame(13.0, $food->working('x', 'g')->value('order'));
        self::assertSame(-7, (new StockForecast(0.0, 1.0, 5))->orderIn());
        self::assertNull((new StockForecast(5.0, 0.0, 5))->orderIn());
        $this->expectException(PlanningFault::class);
        new StockForecast(-1.0, 1.0, 5);
    }

    public function testWhatIsOrderedOnItsDayIsThereBeforeTheLastIsGoneAndNotWeeksEarlier(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        for ($i = 0; $i < 500; ++$i) {
            $stock = new StockForecast($chance->getInt(0, 5000) / 10.0, $chance->getInt(1, 400) / 10.0, $chance->getInt(0, 30));
            $order = $stock->orderIn();
            self::assertNotNull($order);
            $days = min((float) 3650, 7.0 * $stock->left / $stock->weekly);
            self::assertSame((int) floor($days + 1e-9), $stock->lasts());
            if ($order >= 0) {
                // On the day that the parcel is to come two days of it are left, and less than three.
                $left = $stock->left - $stock->weekly / 7.0 * ($order + $stock->lead);
                self::assertGreaterThanOrEqual(2.0 * $stock->weekly / 7.0 - 1e-9, $left);
                self::assertTrue($left < (3.0 - 1e-9) * $stock->weekly / 7.0 || $days >= 3650.0);
            } else {
                self::assertLessThan($stock->lead + 2.0, floor($days));
            }
            $working = $stock->working('Food', 'g');
            self::assertEqualsWithDelta($stock->left, $working->value('lasts') * $stock->weekly / 7.0, 1e-9);
            self::assertSame($order, $days >= 3650.0 ? $order : (int) floor($working->value('order') + 1e-9));
        }
    }
}
