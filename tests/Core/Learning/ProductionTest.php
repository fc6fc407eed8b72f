<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Cresco\Core\Learning\Production;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Kit;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Reading;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Tank\PassiveSource;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ProductionTest extends TestCase
{
    private static function fine(float $value): Reading
    {
        return Reading::pen(Parameter::Nitrate, $value, 0.1);
    }

    /** @return list<array{float, Reading}> once a week, just before a change of a third with pure water, at a rate of 2 from 10 on */
    private static function weekly(int $weeks, ?int $wild = null): array
    {
        $level = 10.0;
        $readings = [];
        for ($week = 0; $week < $weeks; ++$week) {
            $level += 14.0;
            $readings[] = [7.0 * $week + 6.9, self::fine($week === $wild ? 3.0 * $level : $level)];
            $level *= 2.0 / 3.0;
        }

        return $readings;
    }

    /** @return list<array{float, float, float}> */
    private static function changes(int $weeks): array
    {
        return array_map(static fn(int $week): array => [7.0 * $week + 7.0, 1.0 / 3.0, 0.0], range(0, $weeks - 1));
    }

    public function testOneReadingBeforeEachChangeIsEnough(): void
    {
        $readings = self::weekly(8);
        shuffle($readings);
        $learned = Production::learned(new Normal(1.0, 1.0 / 3.0), $readings, self::changes(8));

        self::assertEqualsWithDelta(2.0, $learned->value, 0.1);
        self::assertLessThan(0.2, $learned->spread);
        self::assertTrue($learned->contradicts());
        self::assertSame(8, $learned->count);
        self::assertSame([], $learned->aside);
    }

    public function testOneWildReadingIsSetAsideAndSaid(): void
    {
        $learned = Production::learned(new Normal(1.5, 0.5), self::weekly(8, 4), self::changes(8));

        self::assertEqualsWithDelta(2.0, $learned->value, 0.15);
        self::assertEqualsWithDelta([34.9], $learned->aside, 1e-9);
    }

    public function testWithoutChangesTheSlopeIsTheRate(): void
    {
        $readings = array_map(static fn(int $day): array => [(float) $day, self::fine(5.0 + 0.8 * $day)], [0, 5, 10, 15, 20, 25]);

        self::assertEqualsWithDelta(0.8, Production::learned(new Normal(1.0, 0.5), $readings, [])->value, 0.06);
    }

    public function testATankThatUsesMoreThanItMakesHasARateBelowNothing(): void
    {
        $readings = array_map(static fn(int $day): array => [(float) $day, self::fine(30.0 - 0.6 * $day)], [0, 7, 14, 21, 28]);

        self::assertEqualsWithDelta(-0.6, Production::learned(new Normal(0.5, 0.5), $readings, [])->value, 0.15);
    }

    /** @return iterable<string, array{float, float}> what is guessed, mg/L a day, and what is so */
    public static function farOff(): iterable
    {
        yield 'six times as much' => [0.5, 3.0];
        yield 'twelve times' => [0.5, 6.0];
        yield 'a tenth' => [5.0, 0.5];
        yield 'it takes up what it was to make' => [2.0, -0.7];
    }

    #[DataProvider('farOff')]
    public function testHoweverFarFromTheGuessSixColoursOfAChartFindItWithinTheirBand(float $guess, float $truth): void
    {
        $level = 60.0;
        $readings = [];
        for ($week = 0; $week < 6; ++$week) {
            $level += 7.0 * $truth;
            $readings[] = [7.0 * $week + 6.9, Reading::between(Parameter::Nitrate, 0.8 * $level, 1.2 * $level)];
            $level = 2.0 / 3.0 * $level + 1.0 / 3.0 * 40.0;
        }
        $changes = array_map(static fn(int $week): array => [7.0 * $week + 7.0, 1.0 / 3.0, 40.0], range(0, 5));
        $learned = Production::learned(new Normal($guess, max(0.25, $guess / 3.0)), $readings, $changes);

        self::assertEqualsWithDelta($truth, $learned->value, 2.0 * $learned->spread);
        self::assertLessThan(abs($truth - $guess) / 3.0, $learned->spread);
        self::assertSame([], $learned->aside);
    }

    public function testTooLittleLeavesTheGuess(): void
    {
        $guess = new Normal(1.2, 0.4);
        foreach ([[], [[3.0, self::fine(12.0)]]] as $readings) {
            $learned = Production::learned($guess, $readings, []);
            self::assertSame([1.2, 0.4, 0], [$learned->value, $learned->spread, $learned->count]);
        }
        // Two readings an hour apart say next to nothing of a day.
        $hour = Production::learned($guess, [[0.0, self::fine(12.0)], [0.04, self::fine(12.5)]], []);
        self::assertEqualsWithDelta(1.2, $hour->value, 0.1);
        self::assertGreaterThan(0.3, $hour->spread);
    }

    public function testTheTopOfAChartSaysAtLeast(): void
    {
        $chart = new Kit(Parameter::Nitrate, Method::AtField, Unit::usual(Parameter::Nitrate), 0.0, [0.0, 5.0, 10.0, 20.0, 40.0, 80.0]);
        $readings = [[0.0, $chart->read('20')], [20.0, $chart->read('over 80')]];

        // From 15 to 30 to at least 80 in 20 days: 2.5 to 3.3 at the least.
        self::assertGreaterThan(2.4, Production::learned(new Normal(2.0, 1.0), $readings, [])->value);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function kits(): iterable
    {
        yield 'chart' => ['chart', false];
        yield 'chart, one wild reading' => ['chart', true];
        yield 'photometer' => ['pen', false];
        yield 'photometer, one wild reading' => ['pen', true];
    }

    #[DataProvider('kits')]
    public function testTheBandHoldsTheTruthAsOftenAsItSaysAndIsNarrowerThanTheGuess(string $kind, bool $wild): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $uniform = static fn(): float => ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);
        $bell = static fn(): float => sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
        $fields = [0.0, 5.0, 10.0, 20.0, 40.0, 80.0];
        $kit = $kind === 'pen'
            ? new Kit(Parameter::Nitrate, Method::Pen, Unit::usual(Parameter::Nitrate), 1.0)
            : new Kit(Parameter::Nitrate, Method::AtField, Unit::usual(Parameter::Nitrate), 0.0, $fields);
        $held = $squares = $guessed = 0.0;
        $tanks = 150;
        for ($tank = 0; $tank < $tanks; ++$tank) {
            $guess = 0.5 + 2.5 * $uniform();
            $rate = max(0.1, $guess * (1.0 + $bell() / 3.0));
            [$share, $source, $level, $off] = [0.2 + 0.4 * $uniform(), 5.0 * $uniform(), 15.0 + 20.0 * $uniform(), 1.0 + 0.03 * $bell()];
            $readings = $changes = [];
            for ($day = 0; $day < 112; ++$day) {
                $level += $rate * (1.0 + 0.15 * $bell());
                if ($day % 7 !== 6) {
                    continue;
                }
                $shown = max(0.0, $level * (1.0 + 0.05 * $bell()));
                $text = $kind === 'pen' ? (string) round($shown) : (string) array_reduce($fields, static fn(float $best, float $field): float => abs($field - $shown) < abs($best - $shown) ? $field : $best, 0.0);
                $readings[] = [(float) $day, $kit->read($wild && $day === 69 ? '80' : $text)];
                $level = (1.0 - $share * $off) * $level + $share * $off * $source;
                $changes[] = [$day + 0.1, $share, $source];
            }
            $learned = Production::learned(new Normal($guess, $guess / 3.0), $readings, $changes);
            $held += abs($learned->value - $rate) <= $learned->halfWidth() ? 1.0 : 0.0;
            $squares += ($learned->value - $rate) ** 2;
            $guessed += ($guess - $rate) ** 2;
        }
        self::assertGreaterThan(0.70 * $tanks, $held);
        self::assertLessThan(0.93 * $tanks, $held);
        // The error falls to half of the guess's and less by a chart, to a fifth and less by a photometer.
        self::assertLessThan($kind === 'pen' ? 0.2 : 0.6, sqrt($squares / $guessed));
    }

    public function testAFallOfHardnessIsFoundBetweenChangesAndTopUps(): void
    {
        // A soil takes up 0.15 degrees of KH a day; each week a quarter is changed with 6 degrees, and twice a week 2 % are topped up with 10 degrees.
        $degree = Alkalinity::MILLIEQUIVALENT_PER_DEGREE;
        $kit = new Kit(Parameter::CarbonateHardness, Method::Drops, Unit::usual(Parameter::CarbonateHardness), 0.25);
        $level = 5.0;
        $readings = $changes = $topUps = [];
        for ($day = 0; $day < 70; ++$day) {
            $level -= 0.15;
            if ($day % 7 === 2 || $day % 7 === 5) {
                $level += 0.02 * 10.0;
                $topUps[] = [$day + 0.2, 0.02 * 10.0 * $degree];
            }
            if ($day % 7 === 6 || $day % 7 === 3) {
                $readings[] = [$day + 0.5, $kit->read((string) (ceil($level / 0.25) * 0.25))];
            }
            if ($day % 7 === 6) {
                $level = 0.75 * $level + 0.25 * 6.0;
                $changes[] = [$day + 0.6, 0.25, 6.0 * $degree];
            }
        }
        $guess = PassiveSource::Soil->guess(Parameter::CarbonateHardness) ?? self::fail();
        $learned = Production::learned($guess, $readings, $changes, $topUps);
        self::assertEqualsWithDelta(-0.15, $learned->value / $degree, 0.02);
        self::assertLessThan(0.25 * $guess->spread(), $learned->spread);

        // Who forgets the top-ups finds as much less as they bring: two times 0.2 degrees in seven days.
        self::assertEqualsWithDelta(-0.15 + 0.4 / 7.0, Production::learned($guess, $readings, $changes)->value / $degree, 0.02);
    }

    public function testWhatIsNotFollowedStaysAGuess(): void
    {
        $readings = [[0.0, Reading::exact(Parameter::Temperature, 24.0)], [5.0, Reading::exact(Parameter::Temperature, 26.0)]];
        self::assertSame(0, Production::learned(new Normal(0.0, 1.0), $readings, [])->count);
    }

    public function testAChangeOfNothingBringsNothing(): void
    {
        $readings = [[0.0, self::fine(10.0)], [10.0, self::fine(20.0)], [20.0, self::fine(30.0)]];
        self::assertEqualsWithDelta(1.0, Production::learned(new Normal(1.0, 0.3), $readings, [[5.0, 0.0, 400.0]])->value, 0.05);
    }

    public function testTheBandOfHardnessHoldsThoughTheSourceIsReadInWholeDegrees(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $uniform = static fn(): float => ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);
        $bell = static fn(): float => sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
        $degree = Alkalinity::MILLIEQUIVALENT_PER_DEGREE;
        $kit = new Kit(Parameter::CarbonateHardness, Method::Drops, Unit::usual(Parameter::CarbonateHardness), 1.0);
        $held = 0;
        $tanks = 150;
        for ($tank = 0; $tank < $tanks; ++$tank) {
            [$source, $level, $share] = [3.0 + 6.0 * $uniform(), 4.0 + 4.0 * $uniform(), 0.2 + 0.3 * $uniform()];
            $rate = -0.2 + 0.2 * $bell();
            // What falls to nothing says no more; such soil is another tank's.
            $rate = max(-0.5 * $source * $share / 7.0, $rate);
            $seen = $kit->read((string) ceil($source))->distribution();
            $readings = $changes = [];
            for ($day = 0; $day < 112; ++$day) {
                $level = max(0.0, $level + $rate * (1.0 + 0.15 * $bell()));
                if ($day % 7 === 6) {
                    $readings[] = [(float) $day, $kit->read((string) max(1, (int) ceil($level)))];
                    $level = (1.0 - $share) * $level + $share * $source;
                    $changes[] = [$day + 0.1, $share, $seen->central(), $seen->spread()];
                }
            }
            $learned = Production::learned(PassiveSource::Soil->guess(Parameter::CarbonateHardness) ?? self::fail(), $readings, $changes);
            $held += abs($learned->value - $rate * $degree) <= $learned->halfWidth() ? 1 : 0;
        }
        self::assertGreaterThan(0.70 * $tanks, $held);
        self::assertLessThan(0.97 * $tanks, $held);
    }
}
