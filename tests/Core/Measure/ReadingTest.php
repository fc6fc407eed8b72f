<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\MeasureFault;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\Sentence;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingTest extends TestCase
{
    private static function chart(): TestKit
    {
        return new TestKit(Parameter::Nitrate, ReadingMethod::AtField, Unit::usual(Parameter::Nitrate), 0.0, [0.0, 5.0, 10.0, 20.0, 40.0, 80.0]);
    }

    public function testAColourMidwayIsEvenlyUncertain(): void
    {
        $reading = TestResult::between(Parameter::Nitrate, 20, 40)->distribution();

        self::assertEqualsWithDelta(30.0, $reading->central(), 1e-9);
        self::assertEqualsWithDelta(22.0, $reading->quantile(0.1), 1e-9);
        self::assertEqualsWithDelta(20 / sqrt(12), $reading->spread(), 1e-9);
    }

    public function testQuantilesOfTheNormalCurveAreThoseOfTheTables(): void
    {
        // Abramowitz and Stegun (1964), tables 26.1, 26.5 and 26.6; their formula holds within 0.00045.
        foreach ([
            '0.5' => 0.0, '0.75' => 0.67449, '0.9' => 1.28155, '0.975' => 1.95996, '0.99' => 2.32635, '0.999' => 3.09023, '0.9999' => 3.71902,
            '0.999999' => 4.75342, '0.99999999' => 5.61200,
        ] as $share => $z) {
            self::assertEqualsWithDelta($z, NormalValue::standardQuantile((float) $share), 0.00045, (string) $share);
            self::assertEqualsWithDelta(-$z, NormalValue::standardQuantile(1.0 - (float) $share), 0.00046, (string) $share);
        }
        // What is surer than can be told is told as far as can be.
        self::assertSame(NormalValue::standardQuantile(1.0 - 1e-9), NormalValue::standardQuantile(1.0));
    }

    public function testANumberBelowTheFirstFieldLiesAboveNothingOrWithinAStepOfItsOwn(): void
    {
        // Of what can be nothing: between nothing and the field, nearer to where it was seen.
        $nitrate = new TestKit(Parameter::Nitrate, ReadingMethod::AtField, Unit::usual(Parameter::Nitrate), 0.0, [5.0, 10.0, 20.0]);
        $two = $nitrate->read('2')->distribution();
        self::assertEqualsWithDelta([0.0, 5.0], [$two->quantile(0.0), $two->quantile(1.0)], 1e-6);
        self::assertLessThan(2.5, $two->central());
        self::assertGreaterThan($two->central(), $nitrate->read('4')->distribution()->central());
        // There is no pH of nothing: a chart that ends at 6.4 is believed for one more, however low it is said to be.
        $ph = new TestKit(Parameter::Acidity, ReadingMethod::AtField, Unit::usual(Parameter::Acidity), 0.0, [6.4, 6.8, 7.2]);
        $seen = $ph->read('6.3')->distribution();
        self::assertEqualsWithDelta([5.4, 6.4], [$seen->quantile(0.0), $seen->quantile(1.0)], 1e-6);
        self::assertGreaterThan(5.9, $seen->central());
        self::assertEqualsWithDelta($ph->read('5.4')->distribution()->central(), $ph->read('4.1')->distribution()->central(), 1e-9);
        self::assertLessThan(5.9, $ph->read('4.1')->distribution()->central());
    }

    public function testAColourNearerTheLowerFieldLeansThere(): void
    {
        // Weights 3 to 1: half the area lies left of 20 + (0.75 - sqrt(0.75^2 - 0.25)) / 0.025.
        $reading = TestResult::between(Parameter::Nitrate, 20, 40, 25)->distribution();

        self::assertEqualsWithDelta(27.639, $reading->central(), 0.001);
    }

    public function testADropKitKnowsOnlyTheLastDrop(): void
    {
        $reading = TestResult::drops(Parameter::GeneralHardness, 1.0, 0.25);

        self::assertEqualsWithDelta(0.75, $reading->distribution()->quantile(0.0), 1e-9);
        self::assertEqualsWithDelta(1.0, $reading->distribution()->quantile(1.0), 1e-9);
    }

    public function testTheFirstDropMayMeanNothingAtAll(): void
    {
        self::assertEqualsWithDelta(0.0, TestResult::drops(Parameter::CarbonateHardness, 0.3, 0.5)->low, 1e-12);
    }

    public function testAFieldStandsForHalfTheWayToItsNeighbours(): void
    {
        $reading = TestResult::atField(Parameter::Nitrate, 10, 20, 40)->distribution();

        self::assertEqualsWithDelta(15.0, $reading->quantile(0.0), 1e-9);
        self::assertEqualsWithDelta(30.0, $reading->quantile(1.0), 1e-9);
        // Whoever picks the nearest field does so evenly from 15 to 30.
        self::assertEqualsWithDelta(16.5, $reading->quantile(0.1), 1e-9);
    }

    public function testAPenIsSurerThanItsDigitsOnlyWhenItsDigitsAreCoarse(): void
    {
        $fine = TestResult::pen(Parameter::Acidity, 6.8, 0.01)->distribution()->spread();
        $coarse = TestResult::pen(Parameter::Acidity, 6.8, 0.5)->distribution()->spread();

        self::assertEqualsWithDelta(sqrt(0.05 ** 2 + 0.01 ** 2 / 12), $fine, 1e-9);
        self::assertEqualsWithDelta(sqrt(0.05 ** 2 + 0.5 ** 2 / 12), $coarse, 1e-9);
    }

    public function testTheTopOfAChartIsALowerEnd(): void
    {
        $reading = TestResult::atLeast(Parameter::Nitrate, 80);

        self::assertTrue($reading->isCensored());
        self::assertEqualsWithDelta(80.0, $reading->distribution()->quantile(0.0), 1e-9);
        self::assertGreaterThan(90.0, $reading->distribution()->central());
    }

    /** @return iterable<string, array{Distribution}> */
    public static function densities(): iterable
    {
        yield 'flat' => [Density::flat(2, 5)];
        yield 'slanted' => [Density::slanted(2, 5, 1, 0)];
        yield 'peaked' => [Density::peaked(2, 3, 7)];
        yield 'peak at the edge' => [Density::peaked(0, 0, 2.5)];
        yield 'bell' => [new NormalValue(4, 1.5)];
    }

    #[DataProvider('densities')]
    public function testSpreadAgreesWithTheQuantiles(Distribution $density): void
    {
        $sum = $squares = 0.0;
        $n = 20000;
        for ($i = 0; $i < $n; ++$i) {
            $x = $density->quantile(($i + 0.5) / $n);
            $sum += $x;
            $squares += $x * $x;
        }

        self::assertEqualsWithDelta(sqrt($squares / $n - ($sum / $n) ** 2), $density->spread(), 0.003 * $density->spread());
    }

    #[DataProvider('densities')]
    public function testAnotherUnitIsTheSameKnowledge(Distribution $density): void
    {
        $moved = $density->scaled(1.8, 32.0);

        foreach ([0.1, 0.5, 0.9] as $share) {
            self::assertEqualsWithDelta($density->quantile($share) * 1.8 + 32.0, $moved->quantile($share), 1e-9);
        }
        self::assertEqualsWithDelta(1.8 * $density->spread(), $moved->spread(), 1e-9);
    }

    /** @return iterable<string, array{string, ReadingMethod, float, float, float}> typed; method, value, low, high */
    public static function typed(): iterable
    {
        yield 'a field' => ['20', ReadingMethod::AtField, 20, 15, 30];
        yield 'the lowest field' => ['0', ReadingMethod::AtField, 0, 0, 2.5];
        yield 'the top field' => ['80', ReadingMethod::AtLeast, 80, 60, 160];
        yield 'between fields, as a guess' => ['24', ReadingMethod::Between, 24, 20, 40];
        yield 'beyond the chart' => ['120', ReadingMethod::AtLeast, 120, 120, 240];
        yield 'a band' => ['20-40', ReadingMethod::Between, 30, 20, 40];
        yield 'a band with a long dash and spaces' => [" 20 \u{2013} 40 ", ReadingMethod::Between, 30, 20, 40];
        yield 'a band in words' => ['20 to 40', ReadingMethod::Between, 30, 20, 40];
        yield 'nearer the lower' => ['20-40 nearer 20', ReadingMethod::Between, 25, 20, 40];
        yield 'nearer the upper' => ['20 - 40, near 40', ReadingMethod::Between, 35, 20, 40];
        yield 'a decimal comma' => ['7,5-12,5', ReadingMethod::Between, 10, 7.5, 12.5];
        yield 'under' => ['under 5', ReadingMethod::Between, 2.5, 0, 5];
        yield 'less than' => ['<5', ReadingMethod::Between, 2.5, 0, 5];
        yield 'over' => ['over 80', ReadingMethod::AtLeast, 80, 80, 160];
        yield 'plus' => ['80+', ReadingMethod::AtLeast, 80, 80, 160];
    }

    #[DataProvider('typed')]
    public function testItIsReadTheWayItIsWritten(string $typed, ReadingMethod $method, float $value, float $low, float $high): void
    {
        $reading = self::chart()->read($typed);

        self::assertSame($method, $reading->method);
        self::assertEqualsWithDelta([$value, $low, $high], [$reading->value, $reading->low, $reading->high], 1e-9);
    }

    /** @return iterable<string, array{string, float, float}> typed; low, high */
    public static function acidities(): iterable
    {
        yield 'the top field: half way down, a little way up' => ['8.2', 8.0, 9.2];
        yield 'beyond it' => ['over 8.2', 8.2, 9.2];
        yield 'the lowest field: as far down as up' => ['6.6', 6.4, 6.8];
        yield 'below it' => ['under 6.6', 5.6, 6.6];
        yield 'a guess below it' => ['6.3', 5.6, 6.6];
        yield 'a field in between' => ['7', 6.8, 7.2];
    }

    #[DataProvider('acidities')]
    public function testAChartOfPhEndsALittleBeyondItsFieldsAndDoublesNothing(string $typed, float $low, float $high): void
    {
        $reading = (new TestKit(Parameter::Acidity, ReadingMethod::AtField, Unit::usual(Parameter::Acidity), 0.0, [6.6, 7.0, 7.4, 7.8, 8.2]))->read($typed);

        self::assertEqualsWithDelta([$low, $high], [$reading->low, $reading->high], 1e-9);
    }

    public function testWhoPicksTheNearestFieldIsHeldToEightOfTen(): void
    {
        $fields = [0.0, 5.0, 10.0, 20.0, 40.0, 80.0];
        $held = 0;
        for ($i = 0; $i < 6000; ++$i) {
            $truth = 60.0 * ($i + 0.5) / 6000;
            $nearest = array_reduce($fields, static fn(float $best, float $field): float => abs($field - $truth) < abs($best - $truth) ? $field : $best, 80.0);
            $known = self::chart()->read((string) $nearest)->distribution();
            $held += $truth >= $known->quantile(0.1) && $truth <= $known->quantile(0.9) ? 1 : 0;
        }

        self::assertEqualsWithDelta(0.8, $held / 6000, 0.01);
    }

    public function testADropKitThatShowsNothingHasNotShownThatThereIsNothing(): void
    {
        $none = TestResult::drops(Parameter::CarbonateHardness, 0.0, 0.35)->distribution();

        self::assertEqualsWithDelta(0.0, $none->quantile(0.0), 1e-12);
        self::assertEqualsWithDelta(0.35, $none->quantile(1.0), 1e-12);
        // Likeliest next to nothing: three of four cases in the lower half of the drop.
        self::assertEqualsWithDelta(0.175, $none->quantile(0.75), 1e-9);
    }

    public function testAKitInFahrenheitKeepsCelsius(): void
    {
        $kit = new TestKit(Parameter::Temperature, ReadingMethod::Pen, Unit::of(Parameter::Temperature, 'fahrenheit'), 0.2);

        self::assertEqualsWithDelta(25.0, $kit->read('77')->value, 1e-9);
        self::assertEqualsWithDelta(0.2 / 1.8, $kit->read('77')->high - $kit->read('77')->low, 1e-9);
    }

    /** @return iterable<string, array{string, string}> typed; part of the answer */
    public static function nonsense(): iterable
    {
        yield 'letters' => ['plenty', 'measure.unreadable'];
        yield 'negative' => ['-4', 'measure.unreadable'];
        yield 'two points' => ['2.3.4', 'measure.unreadable'];
        yield 'huge' => ['123456789', '"low":"0","high":"1000 mg\/L"'];
        yield 'huge exponent' => ['1e400', 'measure.unreadable'];
        yield 'huge band' => ['5-99999', '"low":"0","high":"1000 mg\/L"'];
        yield 'turned band' => ['40-20', 'measure.unordered'];
        yield 'empty band' => ['20-20', 'measure.unordered'];
        yield 'nearer something else' => ['20-40 nearer 90', 'measure.unordered'];
        yield 'markup' => ['<script>alert(1)</script>', 'measure.unreadable'];
        yield 'ten thousand letters' => [str_repeat('9', 10000), 'measure.unreadable'];
        yield 'a null byte' => ["2\x003", 'measure.unreadable'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsAnsweredWithWhatWouldBeRight(string $typed, string $answer): void
    {
        $this->expectException(MeasureFault::class);
        $this->expectExceptionMessage($answer);
        self::chart()->read($typed);
    }

    public function testPhStaysPhWhereASentenceBeginsWithIt(): void
    {
        self::assertSame(['pH', 'GH', 'Iron', '5 mL', ''], array_map(Sentence::from(...), ['pH', 'GH', 'iron', '5 mL', '']));
    }

    public function testTheRangeIsSaidInTheUnitOfTheKit(): void
    {
        $kit = new TestKit(Parameter::Temperature, ReadingMethod::Pen, Unit::of(Parameter::Temperature, 'fahrenheit'), 0.1);

        $this->expectExceptionMessage('"low":"32","high":"113 °F"');
        $kit->read('250');
    }

    /**
     * By hand: a pH meter is good to 0.05 + 0.05 a month, a conductivity meter to 2 % + 1 % a month, and a digit is flat over its width.
     *
     * @return iterable<string, array{Parameter, float, float, float|null, float, bool}>
     */
    public static function pens(): iterable
    {
        yield 'a pH pen set today' => [Parameter::Acidity, 6.8, 0.01, 0.0, sqrt(0.01 ** 2 / 12 + 0.05 ** 2), false];
        yield 'a pH pen set four weeks and a day ago' => [Parameter::Acidity, 6.8, 0.01, 29.0, sqrt(0.01 ** 2 / 12 + 0.05 ** 2 + (0.05 * 29 / 30) ** 2), false];
        yield 'a pH pen set sixty days ago' => [Parameter::Acidity, 6.8, 0.01, 60.0, sqrt(0.01 ** 2 / 12 + 0.05 ** 2 + 0.1 ** 2), true];
        yield 'a conductivity pen set ninety days ago' => [Parameter::Conductivity, 400.0, 1.0, 90.0, sqrt(1 / 12 + 8.0 ** 2 + 12.0 ** 2), true];
        yield 'one that lay in the drawer for three years strays no further than in one' => [
            Parameter::Conductivity, 400.0, 1.0, 1095.0, sqrt(1 / 12 + 8.0 ** 2 + (4.0 * 365 / 30) ** 2), true,
        ];
        yield 'nobody has said when' => [Parameter::Acidity, 6.8, 0.01, null, sqrt(0.01 ** 2 / 12 + 0.05 ** 2), false];
        yield 'a thermometer is not set' => [Parameter::Temperature, 24.0, 0.1, 400.0, sqrt(0.1 ** 2 / 12 + 0.2 ** 2), false];
    }

    #[DataProvider('pens')]
    public function testAPenStraysFromTheDayOnWhichItWasSet(Parameter $parameter, float $value, float $digit, ?float $days, float $spread, bool $due): void
    {
        $kit = new TestKit($parameter, ReadingMethod::Pen, Unit::usual($parameter), $digit, [], $days);

        self::assertEqualsWithDelta($spread, $kit->read((string) $value)->distribution()->spread(), 1e-9);
        self::assertEqualsWithDelta($value, $kit->read((string) $value)->distribution()->central(), 1e-9);
        self::assertSame($due, $kit->isDue());
    }

    public function testADropKitDoesNotStray(): void
    {
        $kit = new TestKit(Parameter::Acidity, ReadingMethod::Drops, Unit::usual(Parameter::Acidity), 0.5, [], 400.0);

        self::assertSame(0.0, $kit->wander(7.0));
        self::assertFalse($kit->isDue());
    }
}
