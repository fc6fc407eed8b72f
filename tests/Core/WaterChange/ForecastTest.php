<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\SwingLimits;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\Allowance;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;
use Cresco\Core\WaterChange\NewWaterTemperature;
use Cresco\Core\WaterChange\Sizing;
use Cresco\Core\WaterChange\WaterChangeFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ForecastTest extends TestCase
{
    /** A tank of 100 L. */
    public static function vessel(): Vessel
    {
        return new Vessel(new Rectangle(500, 500), 420, 20, SubstrateLayer::none());
    }

    /** @param array<string, Distribution> $more */
    private static function tank(array $more = []): WaterState
    {
        return new WaterState('the tank', $more + [
            Parameter::Nitrate->value => new ExactValue(30),
            Parameter::CarbonateHardness->value => new ExactValue(Alkalinity::fromDegrees(3)->milliequivalentPerLitre),
            Parameter::GeneralHardness->value => new ExactValue(Hardness::fromDegrees(6)->millimolePerLitre),
            Parameter::Acidity->value => new ExactValue(6.8),
            Parameter::Conductivity->value => new ExactValue(250),
            Parameter::Temperature->value => new ExactValue(25),
        ]);
    }

    /** @param array<string, Distribution> $more */
    private static function source(array $more = []): WaterState
    {
        return new WaterState('the tap', $more + [
            Parameter::Nitrate->value => new ExactValue(5),
            Parameter::CarbonateHardness->value => new ExactValue(Alkalinity::fromDegrees(6)->milliequivalentPerLitre),
            Parameter::GeneralHardness->value => new ExactValue(Hardness::fromDegrees(10)->millimolePerLitre),
            Parameter::Acidity->value => new ExactValue(7.6),
            Parameter::Conductivity->value => new ExactValue(400),
            Parameter::Temperature->value => new ExactValue(20),
        ]);
    }

    private static function central(Forecast $forecast, Parameter $parameter): float
    {
        return $forecast->outlook($parameter)->after()?->central() ?? NAN;
    }

    public function testEverythingDissolvedMixesByVolume(): void
    {
        $forecast = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40));

        self::assertEqualsWithDelta(20.0, self::central($forecast, Parameter::Nitrate), 1e-9);
        // Not 310: ions slow each other, so that strengths mix and not conductivities (halved to, S = EC / (1 - 0.0056 sqrt S)).
        self::assertEqualsWithDelta(310.852, self::central($forecast, Parameter::Conductivity), 1e-3);
        self::assertEqualsWithDelta(23.0, self::central($forecast, Parameter::Temperature), 1e-9);
        self::assertEqualsWithDelta(7.6, Hardness::fromMillimolePerLitre(self::central($forecast, Parameter::GeneralHardness))->degrees(), 1e-9);
    }

    public function testTheUnitItIsShownInDoesNotChangeIt(): void
    {
        $units = [
            Parameter::Temperature->value => Unit::of(Parameter::Temperature, 'fahrenheit'),
            Parameter::Conductivity->value => Unit::of(Parameter::Conductivity, 'tds', 0.67),
            Parameter::CarbonateHardness->value => Unit::of(Parameter::CarbonateHardness, 'caco3'),
        ];
        $plain = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40));
        $other = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40, units: $units));

        foreach (Parameter::cases() as $parameter) {
            if ($plain->outlook($parameter)->now !== null) {
                self::assertEqualsWithDelta(self::central($plain, $parameter), self::central($other, $parameter), 1e-5, $parameter->value);
            }
        }
        // In the keeper's unit: 25 degC is 77 degF.
        self::assertEqualsWithDelta(77.0, $other->outlook(Parameter::Temperature)->afterWorking()?->value('tank') ?? NAN, 1e-9);
    }

    public function testTwoHalfDrainsLeaveAQuarter(): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source([Parameter::Nitrate->value => new ExactValue(0)]), 50, 2);

        self::assertEqualsWithDelta(0.75, $plan->share(), 1e-9);
        self::assertEqualsWithDelta(100.0, $plan->refill(), 1e-9);
        self::assertEqualsWithDelta(7.5, self::central(Forecast::of($plan), Parameter::Nitrate), 1e-9);
    }

    public function testWhatEvaporatedIsRefilledToo(): void
    {
        // 100 L, 10 gone by evaporation, 30 drained: 60 L of 30 mg/L and 40 L of 5 mg/L.
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 30, 1, 10);

        self::assertEqualsWithDelta(20.0, self::central(Forecast::of($plan), Parameter::Nitrate), 1e-9);
        self::assertEqualsWithDelta(40.0, $plan->refill(), 1e-9);
    }

    /** @return iterable<string, array{float, int, float}> */
    public static function shares(): iterable
    {
        foreach ([[0.2, 1, 0.0], [0.5, 2, 0.0], [0.75, 3, 4.0], [0.3, 1, 12.0]] as [$share, $drains, $evaporated]) {
            yield "$share in $drains, $evaporated L gone" => [$share, $drains, $evaporated];
        }
    }

    #[DataProvider('shares')]
    public function testLitresForAShareGiveThatShare(float $share, int $drains, float $evaporated): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 0, $drains, $evaporated);

        self::assertEqualsWithDelta($share, $plan->withDrained($plan->litresForShare($share))->share(), 1e-6);
    }

    /** @return iterable<string, array{float, float, float}> litres by which the level falls, litres evaporated, share of the outflow that runs in */
    public static function flows(): iterable
    {
        yield 'a third meanwhile' => [40.0, 0.0, 0.33];
        yield 'as good as level' => [20.0, 0.0, 0.9];
        yield 'a trickle, after evaporation' => [60.0, 10.0, 0.05];
        yield 'half, after evaporation' => [30.0, 8.0, 0.5];
    }

    #[DataProvider('flows')]
    public function testWaterThatRunsInMeanwhileLeavesAgainInItsShare(float $drained, float $evaporated, float $inflow): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), $drained, 1, $evaporated, inflow: $inflow);
        // A spoonful at a time: out of the mixture, new water in, until the level has fallen; then filled up.
        $volume = self::vessel()->litres();
        $level = $old = $volume - $evaporated;
        $out = 0.0;
        for ($spoon = $drained / 200000; $level > $volume - $evaporated - $drained; $level -= $spoon * (1.0 - $inflow)) {
            $old -= $spoon * $old / $level;
            $out += $spoon;
        }

        self::assertEqualsWithDelta(1.0 - $old / $volume, $plan->share(), 1e-4);
        self::assertEqualsWithDelta($out, $plan->outflow(), 1e-2);
        self::assertEqualsWithDelta($out + $evaporated, $plan->refill(), 1e-2);
        self::assertEqualsWithDelta($drained, $plan->litresForShare($plan->share()), 1e-6);
        // It takes more water than draining first, and the level falls less.
        $still = $plan->withInflow(0.0);
        self::assertGreaterThan($still->litresForShare($plan->share()), $plan->outflow());
        self::assertLessThan($still->litresForShare($plan->share()), $drained);
    }

    #[DataProvider('flows')]
    public function testTheLitresForAGoalLandOnItWhateverRunsInMeanwhile(float $drained, float $evaporated, float $inflow): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 0, 1, $evaporated, inflow: $inflow);
        $litres = Sizing::forGoal($plan, Parameter::Nitrate, 20.0)->value('litres');

        self::assertEqualsWithDelta(20.0, self::central(Forecast::of($plan->withDrained($litres)), Parameter::Nitrate), 1e-6);
    }

    public function testTheNextDayAddsWhatTheTankMakesAndIsAsWarmAsTheTankWas(): void
    {
        $forecast = Forecast::of(new ChangePlan(
            self::vessel(),
            self::tank(),
            self::source(),
            40,
            warmth: 25.5,
            made: [Parameter::Nitrate->value => new ExactValue(2)],
        ));

        self::assertEqualsWithDelta(22.0, $forecast->outlook(Parameter::Nitrate)->nextDay()?->central() ?? NAN, 1e-9);
        // The heater is set to 25.5; what the thermometer showed is what heater and room really hold.
        $read = self::tank()->central(Parameter::Temperature, NAN);
        self::assertNotEqualsWithDelta(25.5, $read, 0.1);
        self::assertEqualsWithDelta($read, $forecast->outlook(Parameter::Temperature)->nextDay()?->central() ?? NAN, 1e-9);
        // From one day to the next it wanders by some tenths, not by degrees.
        self::assertEqualsWithDelta(0.3, $forecast->outlook(Parameter::Temperature)->nextDay()?->spread() ?? NAN, 0.03);
    }

    public function testAControllerBringsPhBackWhateverTheHardness(): void
    {
        $forecast = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40, setPoint: 6.6));

        self::assertEqualsWithDelta(6.6, $forecast->outlook(Parameter::Acidity)->nextDay()?->central() ?? NAN, 1e-9);
        self::assertGreaterThan(6.8, self::central($forecast, Parameter::Acidity));
    }

    /** @return iterable<string, array{float, float|null, float, float, float, int}> tank, wish, litres, stream, landing, changes */
    public static function wishes(): iterable
    {
        yield 'left where it is' => [22.0, null, 40.0, 22.0, 22.0, 1];
        yield 'a degree cooler' => [25.0, 24.0, 40.0, 22.5, 24.0, 1];
        // 31 to 26 degC with at most 2 at once: 29, 27, 26.
        yield 'far too warm, spread over changes' => [31.0, 26.0, 40.0, 26.0, 29.0, 3];
        // A tenth of the water at most 6 degC apart moves it by 0.6: 2 degrees take four changes.
        yield 'a small change cannot do much' => [22.0, 24.0, 10.0, 28.0, 22.6, 4];
    }

    #[DataProvider('wishes')]
    public function testNewWaterIsAsWarmAsTheTankUnlessItIsToBeMoved(
        float $tank,
        ?float $wish,
        float $litres,
        float $stream,
        float $landing,
        int $changes,
    ): void {
        $plan = new ChangePlan(
            self::vessel(),
            self::tank([Parameter::Temperature->value => new ExactValue($tank)]),
            self::source(),
            $litres,
            units: [Parameter::Temperature->value => Unit::of(Parameter::Temperature, 'fahrenheit')],
        );
        $warmth = NewWaterTemperature::of($plan, $wish, 2.0);
        $landed = Forecast::of($plan->withSource(self::source([Parameter::Temperature->value => new ExactValue($warmth->stream)])));

        self::assertEqualsWithDelta($stream, $warmth->stream, 1e-9);
        self::assertEqualsWithDelta($landing, self::central($landed, Parameter::Temperature), 1e-9);
        self::assertEqualsWithDelta($landing, $warmth->lands, 1e-9);
        self::assertSame($changes, $warmth->changes());
    }

    public function testATankThatWasNotReadIsTakenAsItsHeaterHoldsIt(): void
    {
        $warmth = NewWaterTemperature::of(new ChangePlan(self::vessel(), new WaterState('the tank', []), self::source(), 40, warmth: 23.5), null, 2.0);

        self::assertEqualsWithDelta(23.5, $warmth->stream, 1e-9);
        self::assertFalse($warmth->isRead);
    }

    public function testPhThatNobodyCanKnowIsSaidToBeUnknown(): void
    {
        $drop = Alkalinity::fromDegrees(1)->milliequivalentPerLitre;
        $none = TestResult::drops(Parameter::CarbonateHardness, 0.0, $drop)->distribution();
        $soft = self::tank([Parameter::Acidity->value => new NormalValue(6.0, 0.05), Parameter::CarbonateHardness->value => $none]);
        $vague = Forecast::of(new ChangePlan(self::vessel(), $soft, self::source([Parameter::Acidity->value => new NormalValue(7.4, 0.1)]), 40))
            ->outlook(Parameter::Acidity);
        $firm = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40))->outlook(Parameter::Acidity);

        self::assertFalse($vague->isForetold());
        self::assertTrue($firm->isForetold());
        self::assertGreaterThan(1.0, ($vague->nextDay()?->high() ?? 0.0) - ($vague->nextDay()?->low() ?? 0.0));
    }

    public function testWhatWasNotReadIsNotForecast(): void
    {
        $bare = Forecast::of(new ChangePlan(self::vessel(), new WaterState('the tank', []), self::source(), 40));

        foreach (Parameter::cases() as $parameter) {
            self::assertNull($bare->outlook($parameter)->after(), $parameter->value);
        }
        self::assertNull($bare->ammoniaAfter());
    }

    public function testHigherPhFreesAmmonia(): void
    {
        $ammonium = [Parameter::Ammonium->value => new ExactValue(0.5)];
        $forecast = Forecast::of(new ChangePlan(
            self::vessel(),
            self::tank($ammonium),
            self::source([Parameter::Acidity->value => new ExactValue(8.4), Parameter::Ammonium->value => new ExactValue(0)]),
            60,
        ));

        // Less than half is left of the ammonium, yet more of it is free than the 0.0014 mg/L before.
        self::assertGreaterThan(0.0014, $forecast->ammoniaAfter()?->value('NH3_N') ?? 0.0);
    }

    public function testNineOfTenMeansNineOfTen(): void
    {
        $tank = self::tank([Parameter::Nitrate->value => Density::slanted(20, 40, 0.75, 0.25)]);
        $source = self::source([Parameter::Nitrate->value => Density::flat(3, 7)]);
        $plan = new ChangePlan(self::vessel(), $tank, $source, 0);
        $litres = Sizing::forGoal($plan, Parameter::Nitrate, 20)->estimate()->quantile(0.9);
        mt_srand(11);
        $any = static fn(): float => (mt_rand() + 0.5) / (mt_getrandmax() + 1.0);
        $under = 0;
        for ($i = 0; $i < 50000; ++$i) {
            $c = 20 + (0.75 - sqrt(0.5625 - 0.05 * 10 * $any())) / 0.025;
            $v = 100 * (1 + 0.03 * sqrt(-2 * log($any())) * cos(2 * M_PI * $any()));
            $f = $litres / $v;
            $under += ((1 - $f) * $c + $f * (3 + 4 * $any())) <= 20 ? 1 : 0;
        }

        self::assertEqualsWithDelta(0.9, $under / 50000, 0.012);
    }

    public function testAGoalBelowTheSourceCannotBeMet(): void
    {
        $this->expectException(WaterChangeFault::class);
        $this->expectExceptionMessage('change.source_between {"source":"5","tank":"30","goal":"3"}');
        Sizing::forGoal(new ChangePlan(self::vessel(), self::tank(), self::source(), 0), Parameter::Nitrate, 3);
    }

    public function testTheNarrowestLimitDecides(): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 40);
        // KH may move 1 of 3 degrees, GH 2 of 4, conductivity 37.5 of 150 by strength (a quarter of it would be a little more), temperature 2 of 5.
        $allowance = Sizing::largestWithin($plan, new SwingLimits(9, 1, 2, 0.15, 2), Forecast::of($plan));
        [$share, $by] = [$allowance->share, $allowance->by];

        self::assertEqualsWithDelta(0.24556, $share, 1e-5);
        self::assertSame(Parameter::Conductivity, $by);
    }

    public function testPhCanBeTheNarrowestLimit(): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 60);
        $allowance = Sizing::largestWithin($plan, new SwingLimits(0.1, 9, 9, 9, 9), Forecast::of($plan));
        [$share, $by] = [$allowance->share, $allowance->by];
        $at = Forecast::of($plan->withDrained($plan->litresForShare($share)));

        self::assertSame(Parameter::Acidity, $by);
        self::assertEqualsWithDelta(6.9, self::central($at, Parameter::Acidity), 0.015);
        self::assertLessThan(6.9, self::central($at, Parameter::Acidity));
    }

    public function testLikeWatersHaveNoLimit(): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::tank()->named('the store'), 60);

        self::assertEquals(new Allowance(1.0), Sizing::largestWithin($plan, SwingLimits::ofSensitive(), Forecast::of($plan)));
    }

    public function testSeveralChangesDoWhatOneMayNot(): void
    {
        // 1 - 0.7^n >= 0.6 first at n = 3.
        self::assertSame(3, Sizing::changesFor(0.6, 0.3));
        self::assertSame(1, Sizing::changesFor(0.3, 0.3));
    }

    public function testSensitiveAnimalsStandLess(): void
    {
        foreach (AnimalGroup::cases() as $group) {
            self::assertLessThanOrEqual($group->isSensitive() ? 0.15 : 0.25, (new Needs($group))->swingLimits()->ecShare);
            foreach (Parameter::cases() as $parameter) {
                $range = $group->range($parameter);
                self::assertTrue($range === null || $range[0] < $range[1]);
            }
        }
    }

    public function testTheRoutineOfTheSheetIsTheSteadyState(): void
    {
        $plan = new ChangePlan(self::vessel(), self::tank(), self::source(), 40, made: [Parameter::Nitrate->value => new NormalValue(1, 0)]);

        self::assertEqualsWithDelta(22.5, Sizing::routinePeak($plan, 0.4, 7)?->value('peak') ?? NAN, 1e-9);
    }

    public function testASoilTakesKhUntilTheNextDayAndLowersThePh(): void
    {
        $degree = Alkalinity::MILLIEQUIVALENT_PER_DEGREE;
        $plain = Forecast::of(new ChangePlan(self::vessel(), self::tank(), self::source(), 40));
        $soil = Forecast::of(new ChangePlan(
            self::vessel(),
            self::tank(),
            self::source(),
            40,
            made: [Parameter::CarbonateHardness->value => new NormalValue(-0.5 * $degree, 0.1 * $degree)],
        ));
        $kh = static fn(Forecast $forecast): float => $forecast->outlook(Parameter::CarbonateHardness)->nextDay()?->central() ?? NAN;
        $ph = static fn(Forecast $forecast): float => $forecast->outlook(Parameter::Acidity)->nextDay()?->central() ?? NAN;

        self::assertEqualsWithDelta($kh($plain) - 0.5 * $degree, $kh($soil), 1e-9);
        self::assertEqualsWithDelta(
            $plain->outlook(Parameter::CarbonateHardness)->after()?->central() ?? NAN,
            $soil->outlook(Parameter::CarbonateHardness)->after()?->central() ?? NAN,
            1e-9,
        );
        // At the same carbon dioxide pH goes with the logarithm of KH.
        self::assertEqualsWithDelta(log10($kh($soil) / $kh($plain)), $ph($soil) - $ph($plain), 0.01);
        self::assertGreaterThan(
            $plain->outlook(Parameter::CarbonateHardness)->nextDay()?->spread(),
            $soil->outlook(Parameter::CarbonateHardness)->nextDay()?->spread(),
        );
    }

    public function testNoSoilTakesMoreThanThereIs(): void
    {
        $forecast = Forecast::of(new ChangePlan(
            self::vessel(),
            self::tank(),
            self::source(),
            40,
            made: [Parameter::CarbonateHardness->value => new ExactValue(-90.0)],
        ));

        self::assertSame(0.0, $forecast->outlook(Parameter::CarbonateHardness)->nextDay()?->central());
    }
}
