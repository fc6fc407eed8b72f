<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Planning\CatchUpSession;
use Cresco\Core\Planning\PlanningFault;
use PHPUnit\Framework\TestCase;

final class CatchUpTest extends TestCase
{
    public function testATankIsNeglectedAfterTwiceItsUsualDaysButNotBeforeSixteen(): void
    {
        self::assertFalse(CatchUp::isNeglected(15, 7));
        self::assertTrue(CatchUp::isNeglected(16, 7));
        self::assertFalse(CatchUp::isNeglected(27, 14));
        self::assertTrue(CatchUp::isNeglected(28, 14));
    }

    public function testTheWaterComesDownInChangesThatTheAnimalsStand(): void
    {
        // 80 to 20 with water that holds nothing: a quarter is left; changes of 30 % go to 56, 39.2 and 27.44; the last takes 27.1 % of that.
        $way = CatchUp::plan(80.0, 20.0, 0.0, 0.3, 3, 0.0, 0, false);
        self::assertSame(4, $way->changes);
        self::assertSame([0, 3, 6, 9], array_map(static fn(CatchUpSession $session): int => $session->day, $way->sessions));
        self::assertEqualsWithDelta(20.0, $way->sessions[3]->after, 1e-9);
        self::assertEqualsWithDelta(0.3, $way->sessions[0]->change, 1e-9);
        self::assertEqualsWithDelta(1.0 - 20.0 / 27.44, $way->sessions[3]->change, 1e-9);
        self::assertSame(9, $way->levelIn);
    }

    public function testEachChangeHasItsWorking(): void
    {
        $way = CatchUp::plan(80.0, 20.0, 4.0, 0.3, 3, 0.0, 0, false, 2.0);
        foreach ($way->sessions as $n => $session) {
            $working = $way->working($n, 'mg/L');
            self::assertNotNull($working);
            self::assertEqualsWithDelta([$session->change, $session->after], [$working->value('f'), $working->value('after')], 1e-9);
        }
        // 80 to 57.2, and 2 a day over three days: 63.2.
        self::assertEqualsWithDelta(63.2, $way->working(1, 'mg/L')?->value('C') ?? NAN, 1e-9);
        self::assertEqualsWithDelta(63.2 / 4.0, $way->working(1, 'quarters', 0.25)?->value('C') ?? NAN, 1e-9);
        self::assertEqualsWithDelta(0.3, $way->working(1, 'quarters', 0.25)?->value('f') ?? NAN, 1e-9);
        // At the goal a quarter keeps it there.
        foreach ([[0.3, 0.25], [0.2, 0.2]] as [$largest, $share]) {
            $kept = CatchUp::plan(15.0, 20.0, 4.0, $largest, 3, 0.0, 0, false);
            self::assertSame([$share, $share], [$kept->sessions[0]->change, $kept->working(0, 'mg/L')?->value('f')]);
        }
        self::assertNull($way->working(99, 'mg/L'));
        self::assertNull(CatchUp::plan(null, 20.0, 4.0, 0.3, 3, 0.0, 0, false)->working(0, 'mg/L'));
    }

    public function testWhatComesBetweenIsReckonedWith(): void
    {
        // 2 a day over three days: 56 + 6 = 62, 43.4 + 6 = 49.4, 34.58 + 6, 28.41 + 6, 24.08 + 6, 21.06 + 6: the seventh reaches 20.
        $way = CatchUp::plan(80.0, 20.0, 0.0, 0.3, 3, 0.0, 0, false, 2.0);
        self::assertSame(7, $way->changes);
        self::assertEqualsWithDelta(0.7 * 62.0, $way->sessions[1]->after, 1e-9);
        self::assertEqualsWithDelta(20.0, $way->sessions[6]->after, 1e-9);
        // A tenth over the goal is a change more, a hundredth is not: 28.85 to 20.2 in one.
        self::assertSame(
            [1, 2],
            [CatchUp::plan(28.85, 20.0, 0.0, 0.3, 3, 0.0, 0, false)->changes, CatchUp::plan(31.5, 20.0, 0.0, 0.3, 3, 0.0, 0, false)->changes],
        );
        // What comes faster than it can go ends all the same.
        self::assertLessThanOrEqual(12, count(CatchUp::plan(80.0, 20.0, 0.0, 0.05, 3, 1.0, 5, true, 50.0)->sessions));
    }

    public function testMediaBedAndALargeChangeNeverFallOnOneDayAndPlantsAreCutByHalf(): void
    {
        foreach ([0.1, 0.3, 0.6] as $largest) {
            foreach ([0.0, 0.4, 1.0] as $bed) {
                foreach ([0, 1, 5] as $plantGroups) {
                    $way = CatchUp::plan(90.0, 25.0, 4.0, $largest, 2, $bed, $plantGroups, true);
                    $cleaned = $cut = 0.0;
                    $rinsed = 0;
                    foreach ($way->sessions as $session) {
                        self::assertLessThanOrEqual($largest + 1e-9, $session->change);
                        self::assertLessThanOrEqual(CatchUp::BED + 1e-9, $session->bed);
                        self::assertFalse($session->media && ($session->bed > 0.0 || $session->change > CatchUp::LARGE));
                        self::assertLessThanOrEqual((int) ceil($plantGroups / 2), $session->plantGroups);
                        $cleaned += $session->bed;
                        $cut += $session->plantGroups;
                        $rinsed += $session->media ? 1 : 0;
                    }
                    self::assertEqualsWithDelta($bed, $cleaned, 1e-9);
                    self::assertEqualsWithDelta($plantGroups, $cut, 1e-9);
                    self::assertSame(1, $rinsed);
                    self::assertSame([0.0, 0], [$way->sessions[0]->bed, $way->sessions[0]->plantGroups], 'the first is for the water');
                }
            }
        }
    }

    public function testWaterThatNobodyReadIsChangedALittleFirst(): void
    {
        $way = CatchUp::plan(null, 20.0, 0.0, 0.4, 3, 0.0, 0, false);
        self::assertSame([0.15, 0.4], array_map(static fn(CatchUpSession $session): float => $session->change, $way->sessions));
        self::assertNull($way->sessions[1]->after);
    }

    public function testOneChangeTakesWhatTheSwingsAllowAndOfSensitiveAnimalsAQuarterAtMost(): void
    {
        // Water just like theirs swings nothing: what nobody measured may differ all the same.
        self::assertSame([0.5, 0.25], [CatchUp::largest(1.0, false), CatchUp::largest(1.0, true)]);
        self::assertSame([0.2, 0.2], [CatchUp::largest(0.2, false), CatchUp::largest(0.2, true)]);
        self::assertSame(0.05, CatchUp::largest(0.0, true));
    }

    public function testWithoutAGoalThereIsNoWay(): void
    {
        $this->expectException(PlanningFault::class);
        CatchUp::plan(80.0, 0.0, 0.0, 0.3, 3, 0.0, 0, false);
    }
}
