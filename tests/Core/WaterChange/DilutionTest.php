<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\WaterChange\ChangeSeries;
use Cresco\Core\WaterChange\Dilution;
use Cresco\Core\WaterChange\SteadyState;
use Cresco\Core\WaterChange\WaterChangeFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class DilutionTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function dilutions(): iterable
    {
        foreach (Data::rows('dilution') as $i => $row) {
            yield $i.' '.$row->text('kind') => [$row];
        }
    }

    #[DataProvider('dilutions')]
    public function testMassBalanceHolds(Row $row): void
    {
        $g = static fn(string $field): float => $row->number('given.'.$field);
        $close = static fn(string $field, float $ours) => self::assertEqualsWithDelta(
            $row->number('expected.'.$field),
            $ours,
            0.001 * abs($row->number('expected.'.$field)),
            $field,
        );
        switch ($row->text('kind')) {
            case 'one change':
                $close('after', Dilution::once($g('tank'), $g('source'), $g('fraction')));
                break;
            case 'needed fraction':
                if (!$row->flag('expected.possible')) {
                    $this->expectException(WaterChangeFault::class);
                    $this->expectExceptionMessage('change.source_between {"source":"20","tank":"30","goal":"15"}');
                }
                $close('fraction', Dilution::needed($g('tank'), $g('source'), $g('goal')));
                break;
            case 'half drained and refilled, twice':
                $close('after', Dilution::repeated($g('tank'), $g('source'), 0.5, 2));
                $close('old_water_left_share', Dilution::repeated(1, 0, 0.5, 2));
                break;
            case 'drain and fill at the same rate, well mixed':
                $close('after', Dilution::runThrough($g('tank'), $g('source'), $g('tank_L'), $g('run_through_L')));
                $close('old_water_left_share', Dilution::runThrough(1, 0, $g('tank_L'), $g('run_through_L')));
                break;
            case 'drain faster than the hose fills, then fill up':
                $result = Dilution::whileFilling($g('tank'), $g('source'), $g('tank_L'), $g('fill_L_per_min'), $g('drain_L_per_min'), $g('minutes_both'));
                $close('lowest_volume_L', $result['lowest']);
                $close('at_lowest_volume', $result['atLowest']);
                $close('after_filling_up', $result['after']);
                break;
            case 'shortest series under a swing limit':
                $equal = ChangeSeries::equal($g('tank'), $g('source'), $g('goal'), $g('largest_swing_each_change'), $g('largest_fraction'));
                self::assertSame((int) $row->number('expected.equal_changes.number'), $equal->count());
                $close('equal_changes.fraction_each', $equal->fractions[0]);
                self::assertEqualsWithDelta($row->numbers('expected.equal_changes.values'), $equal->values, 0.005 * 6);
                $growing = ChangeSeries::growing($g('tank'), $g('source'), $g('goal'), $g('largest_swing_each_change'), $g('largest_fraction'));
                self::assertEqualsWithDelta($row->numbers('expected.changes_of_growing_size.fractions'), $growing->fractions, 0.001);
                self::assertEqualsWithDelta($row->numbers('expected.changes_of_growing_size.values'), $growing->values, 1e-6);
                break;
            case 'source that lands the tank on the goal':
                $close('source_needed', Dilution::corrective($g('tank'), $g('goal'), $g('fraction')));
                break;
            default:
                self::fail('No such kind: '.$row->text('kind'));
        }
    }

    public function testFillingWhileDrainingAgreesWithSmallSteps(): void
    {
        $volume = 120.0;
        $mass = 40.0 * $volume;
        for ($i = 0; $i < 150000; ++$i) {
            $dt = 1e-4;
            $mass += $dt * (3.0 * 5.0 - 7.0 * $mass / $volume);
            $volume += $dt * (3.0 - 7.0);
        }

        self::assertEqualsWithDelta($mass / $volume, Dilution::whileFilling(40, 5, 120, 3, 7, 15)['atLowest'], 0.005);
    }

    public function testEvenFlowsAreTheLimitOfUnevenOnes(): void
    {
        self::assertEqualsWithDelta(Dilution::whileFilling(40, 5, 120, 5, 5.0001, 10)['after'], Dilution::whileFilling(40, 5, 120, 5, 5, 10)['after'], 0.001);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'more than all' => [static fn() => Dilution::once(30, 5, 1.2)];
        yield 'less than nothing' => [static fn() => Dilution::once(30, 5, -0.1)];
        yield 'tank and source alike' => [static fn() => Dilution::needed(20, 20, 10)];
        yield 'the wrong side' => [static fn() => Dilution::needed(20, 5, 30)];
        yield 'a tank that runs empty' => [static fn() => Dilution::whileFilling(30, 5, 100, 1, 10, 60)];
        yield 'no volume' => [static fn() => Dilution::runThrough(30, 5, 0, 10)];
        yield 'corrective water for no change' => [static fn() => Dilution::corrective(8, 6, 0)];
        yield 'a series that may not move' => [static fn() => ChangeSeries::equal(3, 8, 6, 0, 0.5)];
        yield 'a series to the source itself' => [static fn() => ChangeSeries::growing(3, 8, 8, 1, 0.5)];
    }

    /** @param callable(): mixed $ask */
    #[DataProvider('impossible')]
    public function testTheImpossibleIsNamed(callable $ask): void
    {
        $this->expectException(WaterChangeFault::class);
        $ask();
    }

    public function testATankAtItsGoalNeedsNothing(): void
    {
        self::assertSame(0.0, Dilution::needed(20, 5, 20));
        self::assertSame(0, ChangeSeries::equal(20, 5, 20, 1, 0.5)->count());
    }

    /** @return iterable<string, array{float, float, float, float, float}> */
    public static function series(): iterable
    {
        mt_srand(3);
        for ($i = 0; $i < 40; ++$i) {
            $tank = mt_rand(0, 300) / 10;
            $source = mt_rand(0, 300) / 10 + 0.05;
            yield "$i: $tank to $source" => [$tank, $source, $tank + ($source - $tank) * mt_rand(5, 90) / 100, mt_rand(5, 60) / 10, mt_rand(10, 80) / 100];
        }
    }

    #[DataProvider('series')]
    public function testASeriesNeverSwingsTooFarAndOneChangeLessWouldNotDo(float $tank, float $source, float $goal, float $swing, float $largest): void
    {
        foreach ([ChangeSeries::equal($tank, $source, $goal, $swing, $largest), ChangeSeries::growing($tank, $source, $goal, $swing, $largest)] as $series) {
            $values = $series->values;
            self::assertEqualsWithDelta($goal, $values[count($values) - 1], 1e-6);
            for ($i = 1; $i < count($values); ++$i) {
                self::assertLessThanOrEqual($swing + 1e-6, abs($values[$i] - $values[$i - 1]));
                self::assertLessThanOrEqual($largest + 1e-9, $series->fractions[$i - 1]);
            }
        }
        $equal = ChangeSeries::equal($tank, $source, $goal, $swing, $largest);
        $fewer = $equal->count() - 1;
        if ($fewer > 0) {
            $each = 1 - (($goal - $source) / ($tank - $source)) ** (1 / $fewer);
            self::assertTrue($each > $largest - 1e-9 || $each * abs($tank - $source) > $swing - 1e-6);
        }
    }

    /** @return iterable<string, array{Row}> */
    public static function routines(): iterable
    {
        foreach (Data::rows('steady') as $i => $row) {
            if (in_array(
                $row->text('kind'),
                [
                    'nitrate, steady saw-tooth', 'fraction that keeps the peak at the limit', 'longest interval that keeps the peak at the limit',
                    'approach to the steady state',
                ],
                true,
            )) {
                yield $i.' '.$row->text('kind') => [$row];
            }
        }
    }

    #[DataProvider('routines')]
    public function testARoutineSettlesWhereTheMassBalanceSays(Row $row): void
    {
        $g = static fn(string $field): float => $row->number('given.'.$field);
        $made = $g('production_mg_L_per_day');
        if ($row->has('expected.reason')) {
            $this->expectException(WaterChangeFault::class);
            $this->expectExceptionMessage('change.source_above_limit');
        }
        match ($row->text('kind')) {
            'nitrate, steady saw-tooth' => self::assertEqualsWithDelta(
                [$row->number('expected.peak_before_change_mg_L'), $row->number('expected.trough_after_change_mg_L')],
                [SteadyState::peak(
                    $made,
                    $g('fraction'),
                    $g('days_between'),
                    $g('source_mg_L'),
                ), SteadyState::trough($made, $g('fraction'), $g('days_between'), $g('source_mg_L'))],
                0.03,
            ),
            'fraction that keeps the peak at the limit' => self::assertEqualsWithDelta(
                $row->has('expected.fraction') ? $row->number('expected.fraction') : 0.0,
                SteadyState::fractionFor($made, $g('days_between'), $g('source_mg_L'), $g('peak_limit_mg_L')),
                0.001,
            ),
            'longest interval that keeps the peak at the limit' => self::assertEqualsWithDelta(
                $row->number('expected.days_between'),
                SteadyState::daysFor($made, $g('fraction'), $g('source_mg_L'), $g('peak_limit_mg_L')),
                0.01,
            ),
            default => self::assertEqualsWithDelta(
                $row->number('expected.settles_at_peak_mg_L'),
                SteadyState::peak($made, $g('fraction'), $g('days_between'), $g('source_mg_L')),
                0.06,
            ),
        };
    }

    public function testRunningTheRoutineForYearsEndsAtThePeak(): void
    {
        $level = 3.0;
        $peak = 0.0;
        for ($week = 0; $week < 500; ++$week) {
            $peak = $level + 7 * 1.3;
            $level = $peak + 0.35 * (6.0 - $peak);
        }

        self::assertEqualsWithDelta($peak, SteadyState::peak(1.3, 0.35, 7, 6), 1e-6);
        self::assertEqualsWithDelta($level, SteadyState::trough(1.3, 0.35, 7, 6), 1e-6);
    }

    /** @return iterable<string, array{float, float, float, float, float, float}> made a day, share, days, source, days that it has stood, level */
    public static function unread(): iterable
    {
        // 1.5 * 7 / 0.3 = 35 before each change and 24.5 after it.
        yield 'long since' => [1.5, 0.3, 7.0, 5.0, INF, 34.75];
        yield 'a week old' => [1.5, 0.3, 7.0, 5.0, 7.0, 15.5];
        yield 'set up today' => [1.5, 0.3, 7.0, 5.0, 0.0, 5.0];
        yield 'as old as its routine takes' => [1.5, 0.3, 7.0, 5.0, 400.0, 34.75];
        yield 'nothing is made' => [0.0, 0.3, 7.0, 5.0, INF, 5.0];
        yield 'plants take a little of what comes in' => [-0.1, 0.5, 7.0, 5.0, INF, 3.95];
        yield 'plants take more than comes in' => [-2.0, 0.3, 7.0, 5.0, INF, 0.0];
        yield 'all of it changed each day' => [1.5, 1.0, 1.0, 5.0, INF, 5.75];
    }

    #[DataProvider('unread')]
    public function testATankThatNobodyReadStandsBetweenWhatItsRoutineLeavesAndFinds(
        float $made,
        float $share,
        float $days,
        float $source,
        float $stood,
        float $level,
    ): void {
        self::assertEqualsWithDelta($level, SteadyState::middle($made, $share, $days, $source, $stood), 1e-9);
    }
}
