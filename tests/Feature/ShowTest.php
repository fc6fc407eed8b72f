<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Units\Habits;
use App\Units\LengthUnit;
use App\Units\MomentRule;
use App\Units\Show;
use App\Units\TimeDifference;
use App\Units\VolumeUnit;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;

/** Figures and days as one person reads them. */
final class ShowTest extends FeatureCase
{
    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    private static function show(
        VolumeUnit $volume = VolumeUnit::Litre,
        LengthUnit $length = LengthUnit::Metric,
        string $zone = 'Europe/Lisbon',
        int $unit = 0,
    ): Show {
        return new Show(new class ($volume, $length, $zone, $unit) implements Habits {
            public function __construct(private VolumeUnit $volume, private LengthUnit $length, private string $zone, private int $unit) {}

            public function coreKit(Parameter $parameter): TestKit
            {
                $units = Unit::for($parameter);

                return new TestKit($parameter, ReadingMethod::Drops, $units[$this->unit] ?? $units[0], 1.0);
            }

            public function volumeUnit(): VolumeUnit
            {
                return $this->volume;
            }

            public function lengthUnit(): LengthUnit
            {
                return $this->length;
            }

            public function timeZone(): string
            {
                return $this->zone;
            }
        });
    }

    public function testNumbersHaveTheDecimalsThatTheyNeedAndATrueMinus(): void
    {
        self::assertSame(
            ['0.5', '12', "\u{2212}3.25", '0', '100'],
            array_map(static fn(float $x): string => Show::plain($x, 2), [0.5, 12.0, -3.25, -0.001, 100.0]),
        );
        self::assertSame(
            ['0.50', '0.0', "\u{2212}7", '–', '–'],
            [Show::rounded(0.5, 2), Show::rounded(-0.04, 1), Show::rounded(-7.2, 0), Show::rounded(INF, 1), Show::rounded(NAN, 1)],
        );
        self::assertSame(
            ['12.3', '12', '12.35', '12.346'],
            [Show::grams(12.3456, 0.1), Show::grams(12.3456, 1.0), Show::grams(12.3456, 0.01), Show::grams(12.3456, 0.001)],
        );
        self::assertSame(['0 min', '59 min', '1 h 00', '1 h 05', '25 h 10'], array_map(Show::minutes(...), [0, 59, 60, 65, 1510]));
        self::assertSame(["5\u{00A0}mg/L", '5°', '5'], [Show::joined('5', 'mg/L'), Show::joined('5', '°'), Show::joined('5', '')]);
    }

    public function testWaterLengthsAndWeightsAreToldInTheKeepersUnits(): void
    {
        $here = self::show();
        $there = self::show(VolumeUnit::UsGallon, LengthUnit::Inches);
        self::assertSame(["5.0\u{00A0}L", "76\u{00A0}L", "75.71\u{00A0}L"], [$here->volume(5.0), $here->volume(75.7082), $here->volumePlain(75.7082)]);
        self::assertSame(
            ["1.3\u{00A0}US gal", "20\u{00A0}US gal", "20\u{00A0}US gal"],
            [$there->volume(5.0), $there->volume(75.7082), $there->volumePlain(75.7082)],
        );
        self::assertSame(["110\u{00A0}mm", "4.3\u{00A0}in"], [$here->level(110.0), $there->level(110.0)]);
        self::assertSame(["5010\u{00A0}cm²", "777\u{00A0}in²"], [$here->area(501000.0), $there->area(501000.0)]);
        self::assertSame(["6.5\u{00A0}kg", "14\u{00A0}kg", "31\u{00A0}lb"], [$here->weight(6.5), $here->weight(14.0), $there->weight(14.0)]);
        self::assertSame(["4.2\u{00A0}L/min", "1.1\u{00A0}US gal/min"], [$here->flow(4.2), $there->flow(4.2)]);
        self::assertSame(["2.5\u{00A0}mL", "10\u{00A0}mL"], [$here->liquid(2.5), $here->liquid(10.0)]);
        self::assertSame("30\u{00A0}%", $here->percent(0.301));
    }

    public function testAValueHasAsManyDigitsAsItsBandLeavesItAndALimitNoMoreThanItNeeds(): void
    {
        $show = self::show();
        self::assertSame(["30\u{00A0}mg/L", '30'], [$show->limit(Parameter::Nitrate, 30.0), $show->limitNumber(Parameter::Nitrate, 30.0)]);
        self::assertSame('0.1', $show->limitNumber(Parameter::Nitrite, 0.1));
        self::assertSame('6.5', $show->limitNumber(Parameter::Acidity, 6.5));
        $band = $show->band(Parameter::Nitrate, new NormalValue(31.7, 6.4));
        self::assertSame('32 ± 8', $band);
        self::assertSame("32 ± 8\u{00A0}mg/L", $show->joinedBand(Parameter::Nitrate, new NormalValue(31.7, 6.4)));
        self::assertSame('6.65 ± 0.06', $show->band(Parameter::Acidity, new NormalValue(6.653, 0.05)));
    }

    public function testNitrateIsToldAsNitrogenWhereItIsReadSo(): void
    {
        $units = Unit::for(Parameter::Nitrate);
        $asNitrogen = array_search('mg/L N', array_map(static fn(Unit $unit): string => $unit->label, $units), true);
        self::assertIsInt($asNitrogen);
        $show = self::show(unit: $asNitrogen);

        // 14.007 g of nitrogen in 62.004 g of nitrate.
        self::assertSame("6.78\u{00A0}mg/L\u{00A0}N", str_replace(' ', "\u{00A0}", $show->limit(Parameter::Nitrate, 30.0)));
        self::assertEqualsWithDelta(30.0 * 14.007 / 62.004, (float) $show->number(Parameter::Nitrate, 30.0), 0.06);
    }

    /** @return iterable<string, array{TestResult, string, string}> as it is told, and as it would be typed again */
    public static function readings(): iterable
    {
        yield 'a colour between two' => [TestResult::between(Parameter::Nitrate, 20.0, 40.0), "20 – 40\u{00A0}mg/L", '20-40'];
        yield 'nearer the lower' => [TestResult::between(Parameter::Nitrate, 20.0, 40.0, 25.0), "20 – 40, nearer 20\u{00A0}mg/L", '20-40 nearer 20'];
        yield 'nearer the upper' => [TestResult::between(Parameter::Nitrate, 20.0, 40.0, 35.0), "20 – 40, nearer 40\u{00A0}mg/L", '20-40 nearer 40'];
        yield 'more than the chart has' => [TestResult::atLeast(Parameter::Nitrate, 80.0), "over 80\u{00A0}mg/L", 'over 80'];
        yield 'the last colour of the chart' => [TestResult::atTop(Parameter::Nitrate, 40.0, 80.0), "80 or more\u{00A0}mg/L", '80'];
        yield 'a number' => [TestResult::exact(Parameter::Acidity, 6.8), '6.8', '6.8'];
    }

    #[DataProvider('readings')]
    public function testAReadingIsToldAsItWasRead(TestResult $reading, string $told, string $typed): void
    {
        self::assertSame([$told, $typed], [self::show()->reading($reading), self::show()->typed($reading)]);
    }

    /** @return iterable<string, array{string, string}> a moment, and the day by the clock of who looks at noon of 1 March in Auckland */
    public static function days(): iterable
    {
        // It is one in the morning of 1 March in Auckland when it is noon of 28 February in Greenwich.
        yield 'an hour ago, today there' => ['2026-02-28 11:30:00', 'today'];
        yield 'two hours ago, yesterday there' => ['2026-02-28 10:30:00', 'yesterday'];
        yield 'tomorrow there, tonight here' => ['2026-03-01 11:30:00', 'tomorrow'];
        yield 'this week by its name' => ['2026-02-24 11:30:00', 'Wednesday'];
        yield 'a week ago by its date' => ['2026-02-21 11:30:00', '22 Feb'];
        yield 'last year with its year' => ['2025-02-21 11:30:00', '22 Feb 2025'];
    }

    #[DataProvider('days')]
    public function testADayIsThatOfTheKeepersClock(string $moment, string $day): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-02-28 12:00:00', 'UTC'));
        $show = self::show(zone: 'Pacific/Auckland');

        self::assertSame($day, $show->day(CarbonImmutable::parse($moment, 'UTC')));
        self::assertSame(
            $show->day(CarbonImmutable::parse($moment, 'UTC')),
            $show->date(CarbonImmutable::parse($moment, 'UTC')->setTimezone('Pacific/Auckland')),
        );
        self::assertStringEndsWith(':30', $show->when(CarbonImmutable::parse($moment, 'UTC')));
    }

    /** @return iterable<string, array{mixed, string|null}> typed in Lisbon, and in universal time */
    public static function moments(): iterable
    {
        yield 'a day' => ['2026-01-15', '2026-01-15 00:00'];
        yield 'an hour in winter' => ['2026-01-15 18:30', '2026-01-15 18:30'];
        yield 'an hour in summer' => ['2026-07-15 18:30', '2026-07-15 17:30'];
        yield 'as a field of the browser has it' => ['2026-07-15T18:30', '2026-07-15 17:30'];
        yield 'an hour that summer time leaps over is the next' => ['2026-03-29 01:30', '2026-03-29 01:30'];
        foreach (['2026-02-30', '2026-13-01', '26-01-01', 'yesterday', '2026-01-15 25:00', '2026-01-15 18:30:00.5', '', null, ['2026-01-15']] as $i => $typed) {
            yield "nonsense $i" => [$typed, null];
        }
    }

    #[DataProvider('moments')]
    public function testAMomentIsTypedByTheKeepersClock(mixed $typed, ?string $kept): void
    {
        self::assertSame($kept, MomentRule::parse($typed, 'Europe/Lisbon')?->format('Y-m-d H:i'));
    }

    /** @return iterable<string, array{string, string, float}> two moments, and hours between them */
    public static function spans(): iterable
    {
        yield 'one day' => ['2026-03-01 12:00 UTC', '2026-03-02 12:00 UTC', 24.0];
        yield 'noon to noon when the clock goes forward' => ['2026-03-28 12:00 Europe/Lisbon', '2026-03-29 12:00 Europe/Lisbon', 23.0];
        yield 'noon to noon when it goes back' => ['2026-10-24 12:00 Europe/Lisbon', '2026-10-25 12:00 Europe/Lisbon', 25.0];
        yield 'the same moment by two clocks' => ['2026-07-01 12:00 UTC', '2026-07-01 13:00 Europe/Lisbon', 0.0];
        yield 'backwards' => ['2026-03-01 12:00 UTC', '2026-03-01 10:30 UTC', -1.5];
    }

    #[DataProvider('spans')]
    public function testTimeBetweenTwoMomentsIsThatOfAStopWatch(string $from, string $until, float $hours): void
    {
        [$from, $until] = [CarbonImmutable::parse($from), CarbonImmutable::parse($until)];
        self::assertEqualsWithDelta($hours, 24.0 * TimeDifference::days($from, $until), 1e-9);
        self::assertEqualsWithDelta(60.0 * $hours, TimeDifference::minutes($from, $until), 1e-9);
    }
}
