<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\Displacement;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\SwingLimits;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Dilution;
use Cresco\Core\WaterChange\Forecast;
use Cresco\Core\WaterChange\Sizing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold for any tank, any water and any change; the cases are drawn with a fixed seed. */
final class PlanPropertiesTest extends TestCase
{
    /** @return iterable<string, array{ChangePlan}> */
    public static function plans(): iterable
    {
        mt_srand(42);
        for ($i = 0; $i < 60; ++$i) {
            $vessel = new Vessel(
                new Rectangle(self::draw(250, 1500), self::draw(200, 600)),
                self::draw(300, 600),
                self::draw(10, 60),
                new SubstrateLayer(self::draw(0, 120), self::draw(0, 90), 0.45),
                [Displacement::even(self::draw(0, 2), 20, 200)],
            );
            $plan = new ChangePlan(
                $vessel,
                self::water('the tank'),
                self::water('the source'),
                self::draw(0.05, 0.8) * $vessel->litres(),
                mt_rand(1, 3),
                $i % 3 === 0 ? 0.05 * $vessel->litres() : 0.0,
                null,
                self::draw(20, 27),
                ['nitrate' => new NormalValue(1.0, 0.3)],
            );
            yield sprintf('%d: %.0f L, %.0f out, %d times', $i, $vessel->litres(), $plan->drained, $plan->drains) => [$plan];
        }
    }

    private static function draw(float $from, float $to): float
    {
        return $from + ($to - $from) * mt_rand() / mt_getrandmax();
    }

    private static function water(string $name): WaterState
    {
        $nitrate = self::draw(0, 60);

        return new WaterState($name, [
            Parameter::Nitrate->value => Density::flat($nitrate, $nitrate + self::draw(1, 20)),
            Parameter::GeneralHardness->value => new ExactValue(Hardness::fromDegrees(self::draw(0, 18))->millimolePerLitre),
            Parameter::CarbonateHardness->value => new ExactValue(Alkalinity::fromDegrees(self::draw(2.0, 14))->milliequivalentPerLitre),
            Parameter::Acidity->value => new NormalValue(self::draw(5.8, 8.6), 0.05),
            Parameter::Conductivity->value => new NormalValue(self::draw(30, 900), 8),
            Parameter::Temperature->value => new ExactValue(self::draw(8, 28)),
        ] + array_map(
            // Whatever else is read: a little of it.
            static fn(Parameter $parameter): ExactValue => new ExactValue($parameter
                ->range()[0] + self::draw(0, 0.01) * ($parameter->range()[1] - $parameter->range()[0])),
            array_column(Parameter::ofTanks(), null, 'value'),
        ));
    }

    #[DataProvider('plans')]
    public function testWhatMixesEndsBetweenTankAndSource(ChangePlan $plan): void
    {
        $forecast = Forecast::of($plan);
        foreach (Parameter::ofTanks() as $parameter) {
            if (!$parameter->mixes()) {
                continue;
            }
            $ends = [$plan->tank->central($parameter, 0), $plan->source->central($parameter, 0)];
            $after = $forecast->outlook($parameter)->after()?->central() ?? NAN;
            self::assertGreaterThanOrEqual(min($ends) - 1e-9, $after, $parameter->value);
            self::assertLessThanOrEqual(max($ends) + 1e-9, $after, $parameter->value);
        }
    }

    #[DataProvider('plans')]
    public function testOneDrainAfterTheOtherGivesTheSameAsTheClosedForm(ChangePlan $plan): void
    {
        $volume = $plan->vessel->litres();
        $nitrate = $plan->tank->central(Parameter::Nitrate, 0);
        $source = $plan->source->central(Parameter::Nitrate, 0);
        for ($i = 0; $i < $plan->drains; ++$i) {
            $left = $volume - $plan->drained - ($i === 0 ? $plan->evaporated : 0.0);
            $nitrate = ($left * $nitrate + ($volume - $left) * $source) / $volume;
        }

        self::assertEqualsWithDelta($nitrate, Forecast::of($plan)->outlook(Parameter::Nitrate)->after()?->central() ?? NAN, 1e-6);
    }

    #[DataProvider('plans')]
    public function testTheBandHoldsTheMiddleAndWidensWithDoubt(ChangePlan $plan): void
    {
        $vague = Forecast::of($plan)->outlook(Parameter::Nitrate)->after();
        $sharp = Forecast::of(new ChangePlan(
            $plan->vessel,
            $plan->tank->with(Parameter::Nitrate, new ExactValue($plan->tank->central(Parameter::Nitrate, 0))),
            $plan->source,
            $plan->drained,
            $plan->drains,
            $plan->evaporated,
        ))->outlook(Parameter::Nitrate)->after();

        self::assertNotNull($vague);
        self::assertNotNull($sharp);
        self::assertLessThanOrEqual($vague->central() + 0.02 * $vague->spread(), $vague->low());
        self::assertGreaterThanOrEqual($vague->central() - 0.02 * $vague->spread(), $vague->high());
        // Where the volume is the larger doubt the two are alike but for the evenness of the cases.
        self::assertLessThan(1.05 * $vague->halfWidth(), $sharp->halfWidth());
    }

    #[DataProvider('plans')]
    public function testOnceCarbonDioxideIsBackThePhOfTheSourceNoLongerMatters(ChangePlan $plan): void
    {
        $other = new ChangePlan(
            $plan->vessel,
            $plan->tank,
            $plan->source->with(Parameter::Acidity, new ExactValue(7.0)),
            $plan->drained,
            $plan->drains,
            $plan->evaporated,
        );

        self::assertEqualsWithDelta(
            Forecast::of($plan)->outlook(Parameter::Acidity)->nextDay()?->central() ?? NAN,
            Forecast::of($other)->outlook(Parameter::Acidity)->nextDay()?->central() ?? NAN,
            1e-6,
        );
    }

    #[DataProvider('plans')]
    public function testNoShareOfNewWaterIsMoreThanAllOfItInAnyCase(ChangePlan $plan): void
    {
        $present = $plan->vessel->litres() - $plan->evaporated;
        foreach ([0.9, 0.95, 0.99, 1.0] as $share) {
            foreach ([0.0, 0.5, 0.9] as $inflow) {
                $almost = new ChangePlan(
                    $plan->vessel,
                    $plan->tank,
                    $plan->source,
                    $share * $present,
                    $inflow > 0.0 ? 1 : $plan->drains,
                    $plan->evaporated,
                    inflow: $inflow,
                );
                $new = $almost->addShare(Computation::of('x'))->estimate('f');
                self::assertLessThanOrEqual(1.0, $new->quantile(1.0));
                self::assertGreaterThan(0.5, $new->quantile(0.0));
                $nitrate = Forecast::of($almost)->outlook(Parameter::Nitrate)->after();
                self::assertGreaterThanOrEqual(0.0, $nitrate?->quantile(0.0) ?? NAN);
            }
        }
    }

    #[DataProvider('plans')]
    public function testAChangeWithTheTanksOwnWaterMovesNothing(ChangePlan $plan): void
    {
        $same = Forecast::of(new ChangePlan($plan->vessel, $plan->tank, $plan->tank->named('itself'), $plan->drained, $plan->drains));
        foreach (Parameter::ofTanks() as $parameter) {
            self::assertEqualsWithDelta(0.0, $same->outlook($parameter)->swing() ?? NAN, 1e-5, $parameter->value);
        }
    }

    #[DataProvider('plans')]
    public function testTheLargestShareKeepsEveryLimit(ChangePlan $plan): void
    {
        $limits = new SwingLimits(0.4, 1.0, 2.0, 0.15, 2.0);
        // Filling up what evaporated moves the water too, whatever is drained: here nothing has.
        $plan = new ChangePlan($plan->vessel, $plan->tank, $plan->source, $plan->drained, $plan->drains);
        $share = Sizing::largestWithin($plan, $limits, Forecast::of($plan))->share;
        $within = $plan->withDrained($plan->litresForShare(min($share, $plan->share())));
        $forecast = Forecast::of($within);
        foreach (Parameter::cases() as $parameter) {
            $allowed = $limits->allowed($parameter, $plan->tank->central($parameter, 0));
            if ($allowed !== null) {
                self::assertLessThanOrEqual($allowed * 1.001 + 1e-6, abs((float) $forecast->outlook($parameter)->swing()), $parameter->value);
            }
        }
    }

    #[DataProvider('plans')]
    public function testTheDrainMarkBelongsToTheLitres(ChangePlan $plan): void
    {
        $mark = $plan->vessel->markFor($plan->drained);

        self::assertGreaterThanOrEqual($plan->vessel->waterBelowRim - 1e-6, $mark);
        self::assertLessThanOrEqual($plan->vessel->rim + 1e-6, $mark);
        self::assertEqualsWithDelta($plan->drained, $plan->vessel->litresDrainedAt($mark), 1e-6);
    }

    #[DataProvider('plans')]
    public function testCorrectiveWaterLandsTheTankOnItsGoal(ChangePlan $plan): void
    {
        $tank = $plan->tank->central(Parameter::Conductivity, 0);
        // Half of what pure water could do.
        $goal = (1.0 - 0.5 * $plan->share()) * $tank;
        $needed = Dilution::newWater(Parameter::Conductivity, $tank, $goal, $plan->share());
        $after = Forecast::of(new ChangePlan(
            $plan->vessel,
            $plan->tank,
            $plan->source->with(Parameter::Conductivity, new ExactValue($needed)),
            $plan->drained,
            $plan->drains,
            $plan->evaporated,
        ));

        self::assertEqualsWithDelta($goal, $after->outlook(Parameter::Conductivity)->after()?->central() ?? NAN, 1e-6);
    }
}
