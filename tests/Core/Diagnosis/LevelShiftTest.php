<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use Cresco\Core\Diagnosis\LevelShift;
use Cresco\Core\Diagnosis\WatchFault;
use Cresco\Core\Numeric\StudentBell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Row;

final class LevelShiftTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function courses(): iterable
    {
        foreach (Data::rows('level-shift') as $i => $row) {
            yield "row $i" => [$row];
        }
    }

    #[DataProvider('courses')]
    public function testAShiftIsFoundWhereTheRunningSumsSayAndBeganWhereItIsLikeliest(Row $row): void
    {
        $z = $row->numbers('z');
        $shift = LevelShift::inResiduals($z, $row->number('alarm'), $row->number('slack'));
        [$upper, $lower] = LevelShift::sums($z, $row->number('slack'));
        self::assertEqualsWithDelta($row->numbers('upper'), array_slice($upper, 0, count($row->numbers('upper'))), 0.001);
        self::assertEqualsWithDelta($row->numbers('lower'), array_slice($lower, 0, count($row->numbers('lower'))), 0.001);
        if (!$row->has('alarm_index')) {
            self::assertNull($shift);

            return;
        }
        self::assertSame(
            [(int) $row->number('alarm_index'), (int) $row->number('began_index'), $row->text('side') === 'up'],
            [$shift?->alarm, $shift?->began, $shift?->up],
        );
    }

    /** @return iterable<string, array{float}> how alike neighbours are */
    public static function likenesses(): iterable
    {
        yield 'independent' => [0.0];
        yield 'alike' => [0.4];
    }

    #[DataProvider('likenesses')]
    public function testWithoutAShiftAtMostOneAlarmInThreeHundredValues(float $alike): void
    {
        $chance = new Randomizer(new Mt19937(2));
        $alarms = $values = 0;
        for ($course = 0; $course < 400; ++$course) {
            $value = 0.0;
            $residuals = LevelShift::residuals(array_map(static function () use (&$value, $alike, $chance): float {
                return $value = $alike * $value + sqrt(1.0 - $alike * $alike) * self::bell($chance);
            }, range(1, 150)));
            for ($from = 0; ($shift = LevelShift::inResiduals(array_slice($residuals, $from))) !== null; $from += $shift->alarm + 1) {
                ++$alarms;
            }
            $values += 150 - LevelShift::LEAST;
        }
        self::assertGreaterThan(300.0, $values / max(1, $alarms));
    }

    public function testAShiftOfTwoDeviationsIsFoundWithinSixValuesInNineOfTen(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        $found = $near = 0;
        for ($course = 0; $course < 1000; ++$course) {
            $values = array_map(static fn(int $i): float => self::bell($chance) + ($i >= 50 ? 2.0 : 0.0), range(0, 55));
            $residuals = LevelShift::residuals($values);
            for ($from = 0; ($shift = LevelShift::inResiduals(array_slice($residuals, $from))) !== null; $from += $shift->alarm + 1) {
                if ($from + $shift->alarm >= 50 && $shift->up) {
                    ++$found;
                    $near += abs($from + $shift->began - 50) <= 1 ? 1 : 0;
                    break;
                }
            }
        }
        self::assertGreaterThanOrEqual(900, $found);
        self::assertGreaterThan(0.7, $near / $found);
    }

    public function testNothingIsSaidBeforeTwentyValuesNorOfACourseThatStands(): void
    {
        self::assertNull(LevelShift::last([...array_fill(0, 10, 1.0), ...array_fill(0, 10, 9.0)]));
        self::assertNull(LevelShift::last(array_fill(0, 60, 4.2)));
        self::assertSame(
            30,
            LevelShift::last([...array_map(
                static fn(int $i): float => 5.0 + 0.1 * ($i % 3),
                range(0, 29),
            ), ...array_map(static fn(int $i): float => 7.0 + 0.1 * ($i % 3), range(0, 6))])?->began,
        );
    }

    public function testTheLastOfTwoShiftsIsTheOneThatIsTold(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $values = array_map(static fn(int $i): float => self::bell($chance) + ($i >= 40 ? 4.0 : 0.0) - ($i >= 80 ? 6.0 : 0.0), range(0, 99));
        $shift = LevelShift::last($values);
        self::assertNotNull($shift);
        self::assertFalse($shift->up);
        self::assertEqualsWithDelta(80, $shift->began, 2);
        // What it is held against begins with the first.
        self::assertEqualsWithDelta(40, $shift->since, 2);
    }

    /** @return iterable<string, array{float, float, float}> t, degrees of freedom, and the deviation that is as rare */
    public static function tails(): iterable
    {
        yield '5 % of 18' => [2.1009, 18.0, 1.95996];
        yield '1 % of 10' => [3.1693, 10.0, 2.57583];
        yield 'below' => [-2.2281, 10.0, -1.95996];
        yield 'many' => [1.984, 100.0, 1.95996];
    }

    #[DataProvider('tails')]
    public function testStudentsTailsAreThoseOfTheTables(float $t, float $freedom, float $deviation): void
    {
        self::assertEqualsWithDelta($deviation, StudentBell::deviations($t, $freedom), 0.02);
    }

    public function testNonsenseIsNamed(): void
    {
        $this->expectException(WatchFault::class);
        LevelShift::last([1.0, NAN]);
    }

    private static function bell(Randomizer $chance): float
    {
        return sqrt(-2.0 * log($chance->getInt(1, 1_000_000) / 1_000_001.0)) * cos(2.0 * M_PI * $chance->getInt(0, 1_000_000) / 1e6);
    }
}
