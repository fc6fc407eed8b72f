<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\State\CourseState;
use Cresco\Core\State\Event;
use Cresco\Core\State\StateFault;
use PHPUnit\Framework\TestCase;

/** The filter by other ways to the same: closed forms of a walk, and all readings weighed at once. */
final class CourseStateTest extends TestCase
{
    /** High over nothing, so that no bell is cut off there. */
    private static function state(float $walk = 0.0): CourseState
    {
        return CourseState::begin(200.0, 6.0, -0.5, 0.8, 0.0, $walk);
    }

    private static function go(CourseState $state, float $days): CourseState
    {
        $state->pass($days, 1.0, $days, 0.0);

        return $state;
    }

    public function testAWalkOfTheRateWidensTheLevelByTheCubeOfTheDays(): void
    {
        $state = self::go(self::state(0.1), 30.0);

        self::assertEqualsWithDelta(185.0, $state->level, 1e-9);
        // What it was off, the rate over the days, and the walk summed up twice: w2 t3 / 3.
        self::assertEqualsWithDelta(36.0 + 0.64 * 900.0 + 0.01 * 27000.0 / 3.0, $state->ofLevel, 1e-9);
        self::assertEqualsWithDelta(0.64 + 0.01 * 30.0, $state->ofRate, 1e-12);
    }

    public function testDayByDayComesToTheSameAsAtOnce(): void
    {
        $whole = self::go(self::state(0.1), 30.0);
        $daily = self::state(0.1);
        for ($day = 0; $day < 60; ++$day) {
            self::go($daily, 0.5);
        }

        self::assertEqualsWithDelta([$whole->level, $whole->ofLevel, $whole->ofRate], [$daily->level, $daily->ofLevel, $daily->ofRate], 1e-9);
        // And goes on alike when it is read: the two go together alike.
        $whole = $whole->read(Event::read(60.0, 190.0, 3.0, 0.0), 0.0, 0.0, 500.0)[0];
        $daily = $daily->read(Event::read(60.0, 190.0, 3.0, 0.0), 0.0, 0.0, 500.0)[0];
        self::assertEqualsWithDelta([$whole->level, $whole->rate, $whole->ofRate], [$daily->level, $daily->rate, $daily->ofRate], 1e-9);
    }

    public function testReadingsOneAfterTheOtherWeighAsAllOfThemAtOnce(): void
    {
        $state = self::state();
        $readings = [[4.0, 196.0, 3.0], [11.0, 199.0, 2.0], [18.0, 192.0, 4.0], [25.0, 190.0, 3.0]];
        $day = 0.0;
        foreach ($readings as [$at, $value, $spread]) {
            self::go($state, $at - $day);
            $state = $state->read(Event::read($at, $value, $spread, 0.0), 0.0, 0.0, 500.0)[0];
            $day = $at;
        }

        // Least squares of the level at the beginning and the rate, with what was held of both as two more readings (Gauss, 1809).
        $a = 1.0 / 36.0;
        $b = 0.0;
        $c = 1.0 / 0.64;
        [$p, $q] = [200.0 / 36.0, -0.5 / 0.64];
        foreach ($readings as [$at, $value, $spread]) {
            $weight = 1.0 / $spread ** 2;
            $a += $weight;
            $b += $weight * $at;
            $c += $weight * $at ** 2;
            $p += $weight * $value;
            $q += $weight * $value * $at;
        }
        $det = $a * $c - $b * $b;
        $rate = ($a * $q - $b * $p) / $det;
        $level = ($c * $p - $b * $q) / $det + $rate * 25.0;

        self::assertEqualsWithDelta([$level, $rate], [$state->level, $state->rate], 1e-9);
        self::assertEqualsWithDelta([($c - 50.0 * $b + 625.0 * $a) / $det, $a / $det], [$state->ofLevel, $state->ofRate], 1e-9);
    }

    public function testAChangeThinsWhatIsNotKnownOfTheTankAndBringsThatOfTheNewWater(): void
    {
        $state = self::state();
        $state->meet(Event::changed(0.0, 0.25, 8.0, 2.0));

        self::assertEqualsWithDelta(0.75 * 200.0 + 0.25 * 8.0, $state->level, 1e-9);
        // A hand is off by 3 % of the quarter, which takes 200 for 8.
        self::assertEqualsWithDelta((0.75 * 6.0) ** 2 + (0.25 * 2.0) ** 2 + (0.03 * 0.25 * 192.0) ** 2, $state->ofLevel, 1e-9);
    }

    public function testALevelNearNothingIsThatOfABellWhoseRestLiesAtNothing(): void
    {
        $state = CourseState::begin(0.5, 1.0, 0.0, 0.0, 0.0, 0.0);
        self::go($state, 1.0);
        // max(0, x) of a bell at 0.5 with a deviation of 1, summed up in small steps.
        $mean = $square = 0.0;
        for ($x = -8.0; $x < 9.0; $x += 0.001) {
            $weight = 0.001 * exp(-0.5 * ($x - 0.5) ** 2) / sqrt(2.0 * M_PI);
            $mean += $weight * max(0.0, $x);
            $square += $weight * max(0.0, $x) ** 2;
        }

        self::assertEqualsWithDelta([$mean, $square - $mean ** 2], [$state->level, $state->ofLevel], 1e-5);
    }

    public function testAFieldIsABellCutAtItsTwoEnds(): void
    {
        $state = self::state()->read(Event::field(0.0, 195.0, 205.0, 0.01, 0.0), 0.0, 0.0, 500.0)[0];
        // The bell of what is read: 36 of the level and the eye's 2^2, cut at both ends and summed up in small steps.
        $variance = 40.0;
        $mass = $mean = $square = 0.0;
        for ($y = 195.0005; $y < 205.0; $y += 0.001) {
            $weight = 0.001 * exp(-0.5 * ($y - 200.0) ** 2 / $variance) / sqrt(2.0 * M_PI * $variance);
            $mass += $weight;
            $mean += $weight * $y;
            $square += $weight * $y ** 2;
        }
        $cut = $square / $mass - ($mean / $mass) ** 2;
        self::assertEqualsWithDelta(200.0, $state->level, 1e-3);
        self::assertEqualsWithDelta(36.0 - 36.0 ** 2 / $variance * (1.0 - $cut / $variance), $state->ofLevel, 0.01);
        self::assertEqualsWithDelta($mass * 0.985, $state->weight / self::state()->weight, 1e-3);
        // The top field says no more than its lower end.
        $top = self::state()->read(Event::field(0.0, 160.0, INF, 0.01, 0.0), 0.0, 0.0, 500.0)[0];
        self::assertEqualsWithDelta([200.0, 36.0], [$top->level, $top->ofLevel], 0.01);
    }

    public function testAReadingThatIsNoneIsAFault(): void
    {
        $this->expectException(StateFault::class);
        self::state()->read(Event::read(0.0, NAN, 1.0, 0.0), 0.0, 0.0, 500.0);
    }
}
