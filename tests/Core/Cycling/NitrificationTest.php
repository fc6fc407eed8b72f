<?php

declare(strict_types=1);

namespace Tests\Core\Cycling;

use Cresco\Core\Cycling\AmmoniaSource;
use Cresco\Core\Cycling\CyclingFault;
use Cresco\Core\Cycling\CyclingForecast;
use Cresco\Core\Cycling\CyclingMethod;
use Cresco\Core\Cycling\CyclingPhases;
use Cresco\Core\Cycling\CyclingReadiness;
use Cresco\Core\Cycling\Nitrification;
use Cresco\Core\Measure\NormalValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class NitrificationTest extends TestCase
{
    /** @return iterable<int, array{Row}> */
    public static function rows(): iterable
    {
        foreach (Data::rows('nitrification') as $row) {
            yield [$row];
        }
    }

    #[DataProvider('rows')]
    public function testItGoesAsAStiffSolverFindsIt(Row $row): void
    {
        // The parameters are those of the published rows.
        self::assertSame(
            [$row->number('muA'), $row->number('muB'), $row->number('KA'), $row->number('YA'), $row->number('YB'), $row->number('b')],
            [...Nitrification::GROWTH, Nitrification::HALF[0], ...Nitrification::YIELD, Nitrification::DECAY],
        );
        $model = new Nitrification($row->number('S'), $row->number('U'), [$row->number('XA0'), $row->number('XB0')], $row->number('T'), $row->number('pH'));
        $course = $model->course(43);

        self::assertEqualsWithDelta($row->number('factor'), $model->factor(), 1e-5);
        self::assertEqualsWithDelta($row->number('peak_ammonia_day'), $course->ammonia->day, 0.15);
        self::assertEqualsWithDelta($row->number('peak_nitrite_day'), $course->nitrite->day, 0.15);
        self::assertEqualsWithDelta($row->number('peak_nitrite_mgN_L'), $course->nitrite->value, 0.01 * $row->number('peak_nitrite_mgN_L'));
        foreach ($row->numbers('days') as $i => $day) {
            $point = $course->points[(int) $day];
            foreach ([
                'ammonia' => $point->ammonia, 'nitrite' => $point->nitrite, 'nitrate' => $point->nitrate, 'plants' => $point->plants,
            ] as $name => $value) {
                $expected = $row->numbers($name.'_mgN_L')[$i];
                self::assertEqualsWithDelta($expected, $value, max(0.01, 0.01 * $expected), $name.' on day '.$day);
            }
        }
    }

    public function testNoNitrogenIsLostOverChangesAndDoses(): void
    {
        $course = (new Nitrification(0.3, 0.1, bed: 1.0))->course(40, [7 => 0.5, 14 => 0.9], [3 => 2.0, 20 => 1.0]);
        foreach ($course->points as $point) {
            self::assertEqualsWithDelta($point->day === 0 ? 1.0 : $point->given, $point->sum(), 1e-9, 'day '.$point->day);
        }
    }

    public function testEachMolOfNitrogenTakesTwoEquivalentsAndWithoutThemItStands(): void
    {
        $model = new Nitrification(0.3, 0.0, [0.05, 0.02], alkalinity: 1.0);
        $course = $model->course(20);
        $point = $course->points[20];
        // What is no longer ammonia was oxidised: two equivalents for each 14.007 mg.
        self::assertEqualsWithDelta(1.0 - 2.0 * (0.3 * 20 - $point->ammonia) / 14.007, $point->alkalinity, 1e-9);
        $soft = (new Nitrification(0.3, 0.0, [0.05, 0.02], alkalinity: 0.1))->course(60)->points[60];
        self::assertGreaterThan(10.0, $soft->ammonia, 'it stands still once the buffer is gone');
        self::assertGreaterThan(0.0, $soft->alkalinity);
        self::assertLessThan(1.0, (new Nitrification(0.3, 0.0, [0.05, 0.02], alkalinity: 6.0))->course(60)->points[60]->ammonia);
    }

    public function testWhatWasUsedIsPutBackAndTheDayOnWhichBufferRunsOutIsForeseen(): void
    {
        $model = new Nitrification(0.3, 0.0, [0.05, 0.02]);
        // 1.5 meq/L were read on day 10: what was used until then stands before it.
        $began = $model->withAlkalinity(1.5 + $model->used(10));
        self::assertEqualsWithDelta(1.5, $began->course(10)->points[10]->alkalinity, 1e-9);
        $gone = $began->bufferGone(120);
        self::assertNotNull($gone);
        // 1.143 meq/L until KH is 1 (0.357 meq/L), at 0.3 mg/L N a day: 8.0 mg/L, 26.7 days.
        self::assertEqualsWithDelta(10.0 + 1.143 / (2.0 * 0.3 / 14.007), $gone, 2.0);
        self::assertNull($model->bufferGone(120));
    }

    public function testASeededFilterIsThroughWeeksEarlier(): void
    {
        $bare = (new Nitrification(0.3))->course(60)->nitrite;
        $seeded = (new Nitrification(0.3, 0.0, Nitrification::SEEDED))->course(60)->nitrite;
        self::assertGreaterThan(10.0, $bare->day - $seeded->day);
        self::assertLessThan(0.4 * $bare->value, $seeded->value);
    }

    public function testReadingsMoveWhatIsExpected(): void
    {
        $model = new Nitrification(0.3);
        $before = CyclingForecast::of($model, [], 60);
        self::assertGreaterThan($before->nitritePeak[0], $before->nitritePeak[1]);
        // By the row of the solver: 0.06 and 2.6 on day 28, 0.05 and 0.04 on day 35.
        self::assertEqualsWithDelta(31.5, CyclingForecast::of(new Nitrification(0.3, 0.05), [], 60)->readyOn[1], 3.5);
        // A tank that runs with three times the bacteria and grows a tenth faster than is held usual.
        $true = (new Nitrification(0.3, 0.0, [0.003, 0.0009], pace: 1.1))->course(60);
        $read = [];
        foreach ([4, 7, 10, 13] as $day) {
            $read[] = [(float) $day, 'ammonia', new NormalValue($true->points[$day]->ammonia, 0.1)];
            $read[] = [(float) $day, 'nitrite', new NormalValue($true->points[$day]->nitrite, 0.1)];
        }
        $after = CyclingForecast::of($model, $read, 60);
        self::assertEqualsWithDelta($true->nitrite->day, $after->nitritePeak[1], 2.5);
        self::assertLessThan($before->nitritePeak[1] - 2.0, $after->nitritePeak[1]);
        self::assertLessThan($before->nitritePeak[2] - $before->nitritePeak[0], $after->nitritePeak[2] - $after->nitritePeak[0], 'and it is known better');
        self::assertLessThan(1.2, $after->factors[0]);
        self::assertGreaterThan(1.2, $after->factors[2]);
    }

    /**
     * Tanks drawn from the guess, read by kits whose factor nobody knows with an eye that is off, two to three times a week until a day of the
     * second or third week: bands of eight in ten hold what comes, and are not wider than they must be.
     */
    #[Group('long')]
    public function testItsBandsHoldWhatComes(): void
    {
        mt_srand(5);
        $bell = static fn(): float => NormalValue::standardQuantile(mt_rand(1, 999_999) / 1e6);
        $held = ['peak' => 0, 'ready' => 0, 'ammonia in a week' => 0, 'nitrite in a week' => 0, 'nitrite now' => 0];
        for ($tank = 0; $tank < 150; ++$tank) {
            $model = new Nitrification($tank % 2 === 0 ? 0.1 : 0.3);
            $true = $model->times(1.4 ** $bell(), 1.1 ** $bell(), 2.0 ** $bell())->course(63);
            $until = mt_rand(8, 22);
            $kits = ['ammonia' => 1.0 + 0.08 * $bell(), 'nitrite' => 1.0 + 0.08 * $bell()];
            $read = [];
            for ($day = mt_rand(2, 4); $day <= $until; $day += mt_rand(2, 4)) {
                foreach ($kits as $what => $kit) {
                    $shown = $true->points[$day]->{$what} * $kit * (1.0 + 0.08 * $bell());
                    $spread = 0.03 + 0.05 * $shown;
                    $read[] = [(float) $day, $what, new NormalValue(max(0.0, $shown + $spread * $bell()), $spread)];
                }
            }
            $expected = CyclingForecast::of($model, $read, 63);
            $gone = 64.0;
            for ($day = (int) ceil($true->nitrite->day); $gone > 63.0 && $day <= 63; ++$day) {
                $most = static fn(int $on): float => max($true->points[$on]->ammonia, $true->points[$on]->nitrite);
                // At the hour at which it falls below, straight from one day to the next.
                $gone = $most($day) <= CyclingReadiness::NEAR_NOTHING
                    ? max($true->nitrite->day, $day - min(1.0, (CyclingReadiness::NEAR_NOTHING - $most($day)) / max(1e-9, $most($day - 1) - $most($day))))
                    : $gone;
            }
            $later = $true->points[$until + 7];
            $now = $true->points[$until];
            foreach ([
                'peak' => [$true->nitrite->day, $expected->nitritePeak], 'ready' => [$gone, $expected->readyOn], 'ammonia in a week' => [$later
                    ->ammonia, $expected->days[$until + 7][1]],
                'nitrite in a week' => [$later->nitrite, $expected->days[$until + 7][2]], 'nitrite now' => [$now->nitrite, $expected->days[$until][2]],
            ] as $what => [$truth, [$low, , $high]]) {
                $held[$what] += (int) ($truth >= $low - 1e-9 && $truth <= $high + 1e-9);
            }
        }
        foreach ($held as $what => $count) {
            self::assertGreaterThan(0.70 * 150, $count, $what);
            self::assertLessThan(0.91 * 150, $count, $what);
        }
    }

    public function testTheTopOfAChartIsAnEndAndNoFigure(): void
    {
        $model = new Nitrification(0.3);
        // On day 20 nitrite is beyond a chart that ends at 1: so much or more; a figure of 1 would say that little comes.
        $end = CyclingForecast::of($model, [[20.0, 'nitrite', new NormalValue(1.0, 1e-6), true]], 60);
        $figure = CyclingForecast::of($model, [[20.0, 'nitrite', new NormalValue(1.0, 0.1), false]], 60);
        self::assertGreaterThan(1.0, $end->days[20][2][1]);
        self::assertLessThan($end->days[20][2][2] - 1.0, $figure->days[20][2][2]);
    }

    public function testASourceOfManyTimesTheUsualIsFound(): void
    {
        // A fish that died behind the rocks: eight times what was held usual.
        $model = new Nitrification(0.1);
        $true = $model->times(8.0, 1.0, 1.0)->course(30);
        $read = array_map(static fn(int $day): array => [(float) $day, 'ammonia', new NormalValue($true->points[$day]->ammonia, 0.1)], [2, 4, 6, 8]);
        self::assertEqualsWithDelta(8.0, CyclingForecast::of($model, $read, 40)->factors[0], 1.5);
    }

    public function testFoodGivesBackOneOfTheTwoEquivalents(): void
    {
        $of = static fn(bool $isOfFood): float => (new Nitrification(0.3, 0.0, Nitrification::SEEDED, alkalinity: 5.0, isOfFood: $isOfFood))
            ->course(40)->points[40]->alkalinity ?? 0.0;
        // Forty days of 0.3 mg/L, nearly all of it nitrate by then: 12 / 14.007 mmol, an equivalent each of food and two of ammonium.
        self::assertEqualsWithDelta(12.0 / 14.007, 5.0 - $of(true), 0.05);
        self::assertEqualsWithDelta(2.0 * 12.0 / 14.007, 5.0 - $of(false), 0.05);
    }

    /** @return iterable<string, array{list<array{float, float, float}>, array<int, float>, bool, string}> */
    public static function readings(): iterable
    {
        yield 'nothing read' => [[], [], false, 'not_read'];
        yield 'nitrite still there' => [[[20.0, 0.0, 1.2]], [], false, 'not_clear'];
        yield 'clear once' => [[[20.0, 0.5, 1.2], [30.0, 0.0, 0.0]], [], false, 'once'];
        yield 'clear twice, hours apart' => [[[20.0, 0.5, 1.2], [30.0, 0.0, 0.0], [30.3, 0.0, 0.0]], [], false, 'once'];
        yield 'clear twice, a day apart' => [[[20.0, 0.5, 1.2], [30.0, 0.0, 0.0], [31.0, 0.05, 0.0]], [], true, 'twice'];
        yield 'clear on the first days, when nothing has grown' => [[[1.0, 0.0, 0.0], [2.0, 0.0, 0.0]], [], false, 'too_early'];
        yield 'never anything, but for weeks' => [[[9.0, 0.0, 0.0], [16.0, 0.0, 0.0]], [], true, 'twice'];
        yield 'a dose of 1.5 gone within a day' => [[[20.0, 0.5, 1.2], [31.0, 0.05, 0.0]], [30 => 1.5], true, 'dose_gone'];
        yield 'a dose too small to tell' => [[[20.0, 0.5, 1.2], [31.0, 0.05, 0.0]], [30 => 0.5], false, 'once'];
        yield 'a dose that took three days' => [[[20.0, 0.5, 1.2], [33.0, 0.05, 0.0]], [30 => 1.5], false, 'once'];
    }

    /**
     * @param list<array{float, float, float}> $readings
     * @param array<int, float>                $doses
     */
    #[DataProvider('readings')]
    public function testItIsReadyByReadingsAlone(array $readings, array $doses, bool $isReady, string $why): void
    {
        $ready = CyclingReadiness::of($readings, $doses);
        self::assertSame([$isReady, $why], [$ready->isReady, $ready->why]);
    }

    public function testYoungSoilIsChangedHalfDailyThenLessOrLeftToItsBacteria(): void
    {
        $plenty = array_map(static fn(int $day): float => CyclingPhases::change(CyclingMethod::Planted, AmmoniaSource::Soil, $day, true), range(1, 21));
        self::assertSame(
            [7, 4, 2],
            [
                count(array_filter(array_slice($plenty, 0, 7))), count(array_filter(array_slice($plenty, 7, 7))),
                count(array_filter(array_slice($plenty, 14, 7))),
            ],
        );
        self::assertSame(0.3, CyclingPhases::change(CyclingMethod::Planted, AmmoniaSource::Soil, 7, false));
        self::assertSame(0.0, CyclingPhases::change(CyclingMethod::Dark, AmmoniaSource::Soil, 7, true));
    }

    public function testEveryDayOfThreeMonthsHasItsChange(): void
    {
        $days = static fn(CyclingMethod $way, AmmoniaSource $source, bool $plenty): array => array_map(
            static fn(int $day): float => CyclingPhases::change($way, $source, $day, $plenty),
            range(0, 90),
        );
        // Half each day of the first week, on even days of the second, on two days of each week until the sixth is over, then 40 % a week.
        $expected = array_fill(0, 91, 0.0);
        foreach ([...range(1, 7), 8, 10, 12, 14, 17, 21, 24, 28, 31, 35, 38, 42] as $day) {
            $expected[$day] = 0.5;
        }
        foreach ([49, 56, 63, 70, 77, 84] as $day) {
            $expected[$day] = 0.4;
        }
        self::assertSame($expected, $days(CyclingMethod::Planted, AmmoniaSource::Soil, true));
        // The other school of practice, and a substrate that gives nothing: three tenths a week.
        $weekly = array_fill(0, 91, 0.0);
        foreach (range(7, 84, 7) as $day) {
            $weekly[$day] = 0.3;
        }
        self::assertSame($weekly, $days(CyclingMethod::Planted, AmmoniaSource::Soil, false));
        foreach (array_filter(AmmoniaSource::cases(), static fn(AmmoniaSource $source): bool => $source !== AmmoniaSource::Soil) as $source) {
            self::assertSame($weekly, $days(CyclingMethod::Planted, $source, true));
            self::assertSame(0.0, array_sum($days(CyclingMethod::Seeded, $source, true)));
        }
        // In the dark bacteria are to have all that there is.
        self::assertSame(0.0, array_sum([...$days(CyclingMethod::Dark, AmmoniaSource::Soil, true), ...$days(CyclingMethod::Dark, AmmoniaSource::Soil, false)]));
    }

    public function testDiatomsAreLikelyFromTheSecondToTheEighthWeekOfLightAndFishComeLast(): void
    {
        foreach (CyclingMethod::cases() as $way) {
            $phases = CyclingPhases::of($way);
            $of = [];
            foreach ($phases as $phase) {
                $of[$phase->key] = $phase;
            }
            self::assertArrayHasKey('diatoms', $of);
            self::assertArrayHasKey('fish', $of);
            if ($way === CyclingMethod::Planted) {
                self::assertSame([2, 8], [$of['diatoms']->from, $of['diatoms']->until]);
                self::assertLessThan($of['fish']->from, $of['grazers']->from);
                self::assertTrue($of['diatoms']->isIn(8));
                self::assertFalse($of['diatoms']->isIn(9));
            }
        }
    }

    public function testWhatCannotBeIsAFault(): void
    {
        $this->expectException(CyclingFault::class);
        new Nitrification(-1.0);
    }
}
