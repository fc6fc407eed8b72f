<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\Doses;
use Cresco\Core\Fertilising\DosingMethod;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Fertilising\FertilisingFault;
use Cresco\Core\Fertilising\Meal;
use Cresco\Core\Fertilising\NutrientTargets;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\State\Event;
use Cresco\Core\State\MassBalance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;
use Tests\Core\Row;

final class FertiliserTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function meals(): iterable
    {
        foreach (Data::rows('food') as $i => $row) {
            yield (string) $i => [$row];
        }
    }

    #[DataProvider('meals')]
    public function testAMealBringsWhatStoichiometrySays(Row $row): void
    {
        $meal = Meal::of($row->number('food_g_day'), $row->number('protein_percent'), $row->number('water_L'), $row->number('share_of_nitrogen_released'));
        foreach ([
            'N' => 'N_mg_day', 'nitrate' => 'nitrate_mg_L_day', 'alkalinity' => 'alkalinity_used_meq_L_day', 'oxygen' => 'oxygen_used_mg_L_day',
        ] as $figure => $field) {
            self::assertEqualsWithDelta($row->number($field), $meal->value($figure), 0.001 * $row->number($field), $figure);
        }
    }

    public function testAGramOfSaltpetreBringsItsNitrateAndPotassium(): void
    {
        $feed = Fertiliser::ofSalt('1', 'Saltpetre', Salts::get('saltpetre'), 1.0, 0.1);

        // KNO3 101.10 g/mol: 62.00 of nitrate and 39.10 of potassium.
        self::assertEqualsWithDelta(61.33, $feed->raises(Parameter::Nitrate, 10.0, 100.0), 0.01);
        self::assertEqualsWithDelta(38.67, $feed->raises(Parameter::Potassium, 10.0, 100.0), 0.01);
        self::assertSame(0.0, $feed->raises(Parameter::Iron, 10.0, 100.0));
        // KH2PO4 136.08 g/mol: 94.97 of phosphate.
        self::assertEqualsWithDelta(
            69.79,
            Fertiliser::ofSalt('2', 'x', Salts::get('potassium_phosphate'), 1.0, 0.1)->raises(Parameter::Phosphate, 10.0, 100.0),
            0.02,
        );
    }

    public function testLabelsAreReadAsTheySay(): void
    {
        // 5 mL in 50 L raise iron by 0.1 mg/L: 1 mg in a mL; 2 % by weight at 1.1 g/mL are 22 mg in a mL.
        self::assertEqualsWithDelta(0.2, Fertiliser::ofLabel('1', 'x', 5.0, 50.0, ['iron' => 0.1], 0.1)->raises(Parameter::Iron, 20.0, 100.0), 1e-12);
        self::assertEqualsWithDelta(22.0, Fertiliser::ofPercent(Parameter::Potassium, 1.1, 2.0, false), 1e-12);
    }

    public function testWhatHardensOrSaltsTheWaterFeedsNoPlants(): void
    {
        $feeding = array_keys(array_filter(Salts::all(), Fertiliser::feedsPlants(...)));

        self::assertSame(['gypsum', 'epsom', 'potassium_sulfate', 'saltpetre', 'potassium_phosphate', 'calcium_nitrate', 'magnesium_nitrate'], $feeding);
    }

    public function testADoseThatIsWantedSettlesWhereTheSchoolWantsIt(): void
    {
        $wanted = NutrientTargets::between(Parameter::Potassium, 5.0, new NormalValue(-0.6, 0.1), 0.35, 7.0, new NormalValue(2.0, 0.5));
        // 0.35 (5 - 2) + 7 times 0.6.
        self::assertEqualsWithDelta(5.25, $wanted->value('D'), 1e-9);

        $events = [];
        for ($i = 1; $i <= 100; ++$i) {
            $events[] = Event::changed(7.0 * $i, 0.35, 2.0);
            $events[] = Event::added(7.0 * $i, $wanted->value('D'));
        }
        self::assertEqualsWithDelta(5.0, MassBalance::run(0.0, $events, -0.6, 0.0, 0.0, 700.0 - 1e-6)->level, 1e-3);
    }

    public function testWhatComesByItselfNeedsNoDose(): void
    {
        self::assertSame(0.0, NutrientTargets::between(Parameter::Nitrate, 5.0, new NormalValue(0.8, 0.1), 0.35, 7.0, new NormalValue(10.0, 1.0))->value('D'));
    }

    public function testTwoFeedsBringTogetherWhatNeitherBringsAlone(): void
    {
        $saltpetre = Fertiliser::ofSalt('n', 'Saltpetre', Salts::get('saltpetre'), 1.0, 0.01);
        $sulfate = Fertiliser::ofSalt('k', 'Sulfate', Salts::get('potassium_sulfate'), 1.0, 0.01);
        $doses = Doses::of([$saltpetre, $sulfate], ['nitrate' => [3.0, 0.5], 'potassium' => [6.0, 0.5]], [], 200.0);

        self::assertEqualsWithDelta(3.0, $doses->brings['nitrate'], 0.03);
        self::assertEqualsWithDelta(6.0, $doses->brings['potassium'], 0.03);
        // 3 mg/L in 200 L is 0.6 g of nitrate, in 0.98 g of KNO3.
        self::assertEqualsWithDelta(0.98, $doses->amounts['n'], 0.011);
    }

    public function testOneThatIsHardlyMissedStaysOnTheShelf(): void
    {
        // The bottle brings what is wanted but for 0.3 of potassium, of which 2 matter little; a pinch of sulfate would make it exact.
        $bottle = new Fertiliser('home', 'home', 'mL', ['nitrate' => 40.0, 'phosphate' => 5.0, 'potassium' => 75.0], 0.1);
        $sulfate = Fertiliser::ofSalt('k', 'Sulfate', Salts::get('potassium_sulfate'), 1.0, 0.01);
        $saltpetre = Fertiliser::ofSalt('n', 'Saltpetre', Salts::get('saltpetre'), 1.0, 0.01);
        $wanted = ['nitrate' => [8.0, 2.0], 'phosphate' => [1.0, 0.3], 'potassium' => [15.3, 2.0]];
        self::assertSame(['home'], array_keys(Doses::of([$bottle, $sulfate, $saltpetre], $wanted, [], 100.0)->amounts));
        // Three of potassium are missed.
        $more = Doses::of([$bottle, $sulfate, $saltpetre], ['potassium' => [18.0, 2.0]] + $wanted, [], 100.0);
        self::assertSame(['home', 'k'], array_keys($more->amounts));
        self::assertEqualsWithDelta(18.0, $more->brings['potassium'], 0.9);
    }

    public function testWhatALimitTakesFromOneFeedAnotherBrings(): void
    {
        // The mix brings both that are wanted, but nitrate too, of which nothing may come.
        $mix = new Fertiliser('mix', 'mix', 'mL', ['nitrate' => 20.0, 'potassium' => 18.0, 'phosphate' => 1.2], 0.1);
        $sulfate = Fertiliser::ofSalt('k', 'Sulfate', Salts::get('potassium_sulfate'), 1.0, 0.01);
        $doses = Doses::of([$mix, $sulfate], ['nitrate' => [0.0, 5.0], 'phosphate' => [0.1, 0.02], 'potassium' => [0.7, 0.2]], ['nitrate' => 0.0], 200.0);

        self::assertSame(['k'], array_keys($doses->amounts));
        self::assertEqualsWithDelta(0.7, $doses->brings['potassium'], 0.02);
    }

    public function testAmountsAreRoundedTogetherToWhatCanBeMeasured(): void
    {
        $feed = new Fertiliser('a', 'a', 'mL', ['iron' => 1.0, 'potassium' => 2.0], 0.5);
        $doses = Doses::of([$feed], ['iron' => [0.02, 0.01]], [], 100.0);

        self::assertSame(['a' => 2.0], $doses->amounts);
        self::assertEqualsWithDelta(0.04, $doses->brings['potassium'], 1e-12);
    }

    /** 500 random shelves: no dose below nothing, none beyond what may be brought, all in steps. */
    public function testNoProposalIsBelowNothingOrBeyondTheLimit(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $number = static fn(float $most): float => $most * $chance->getInt(0, 10 ** 6) / 1e6;
        $names = array_map(static fn(Parameter $nutrient): string => $nutrient->value, Parameter::nutrients());
        for ($shelf = 0; $shelf < 500; ++$shelf) {
            $feeds = [];
            for ($i = $chance->getInt(0, 6); $i >= 0; --$i) {
                $brings = array_filter(array_combine($names, array_map(static fn(): float => $chance->getInt(0, 1) * $number(400.0), $names)));
                $feeds[] = new Fertiliser((string) $i, 'x', 'g', $brings, [0.01, 0.1, 1.0][$chance->getInt(0, 2)]);
            }
            $wanted = array_map(static fn(): array => [$number(20.0), 0.1 + $number(2.0)], array_flip($names));
            $most = $number(12.0);
            $doses = Doses::of($feeds, $wanted, ['nitrate' => $most], 20.0 + $number(300.0));

            self::assertLessThanOrEqual($most + 1e-9, $doses->brings['nitrate'] ?? 0.0);
            foreach ($feeds as $feed) {
                $amount = $doses->amounts[$feed->key] ?? 0.0;
                self::assertGreaterThanOrEqual(0.0, $amount);
                self::assertEqualsWithDelta(round($amount / $feed->step), $amount / $feed->step, 1e-6);
            }
        }
    }

    public function testSchoolsDiffer(): void
    {
        self::assertSame([15.0, 30.0], DosingMethod::Plenty->corridor(Parameter::Nitrate));
        self::assertSame([3.0, 8.0], DosingMethod::Lean->corridor(Parameter::Nitrate));
        self::assertSame(1, DosingMethod::Lean->every());
        self::assertNull(DosingMethod::LowEnergy->aim(Parameter::Nitrate));
        foreach (DosingMethod::cases() as $school) {
            self::assertNull($school->corridor(Parameter::Acidity));
            foreach (Parameter::nutrients() as $nutrient) {
                [$corridor, $aim] = [$school->corridor($nutrient), $school->aim($nutrient)];
                self::assertTrue($aim === null || ($corridor !== null && $aim >= $corridor[0] && $aim <= $corridor[1]));
            }
        }
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wild(): iterable
    {
        yield 'a meal of less than nothing' => [static fn() => Meal::of(-1.0, 40.0, 100.0)];
        yield 'a meal of more than protein' => [static fn() => Meal::of(1.0, 140.0, 100.0)];
        yield 'a feed that takes' => [static fn() => new Fertiliser('a', 'a', 'g', ['iron' => -1.0], 0.1)];
        yield 'a step of nothing' => [static fn() => new Fertiliser('a', 'a', 'g', ['iron' => 1.0], 0.0)];
        yield 'a label of no dose' => [static fn() => Fertiliser::ofLabel('a', 'a', 0.0, 10.0, [], 0.1)];
        yield 'no density' => [static fn() => Fertiliser::ofPercent(Parameter::Iron, 0.0, 1.0, false)];
        yield 'no water' => [static fn() => Doses::of([], ['iron' => [1.0, 1.0]], [], 0.0)];
        yield 'no routine' => [static fn() => NutrientTargets::between(Parameter::Iron, 1.0, new NormalValue(0.0, 1.0), 0.0, 7.0, new NormalValue(0.0, 1.0))];
    }

    #[DataProvider('wild')]
    public function testWhatCannotBeIsRefused(callable $try): void
    {
        $this->expectException(FertilisingFault::class);
        $try();
    }

    /** @return iterable<string, array{Parameter, float}> mg of it in a millilitre of 1 g of which one percent is declared, by hand from atomic weights */
    public static function declarations(): iterable
    {
        yield 'nitrogen as nitrate' => [Parameter::Nitrate, 44.266];
        yield 'P2O5 as phosphate' => [Parameter::Phosphate, 13.381];
        yield 'K2O as potassium' => [Parameter::Potassium, 8.301];
        yield 'MgO as magnesium' => [Parameter::Magnesium, 6.030];
        yield 'CaO as calcium' => [Parameter::Calcium, 7.147];
        yield 'iron as iron' => [Parameter::Iron, 10.0];
    }

    #[DataProvider('declarations')]
    public function testLabelsDeclareOxidesAndNitrogen(Parameter $nutrient, float $milligrams): void
    {
        self::assertEqualsWithDelta($milligrams, Fertiliser::ofPercent($nutrient, 1.0, 1.0, true), 0.002);
    }

    /** @return iterable<string, array{array<string, float>, float}> */
    public static function noFeeds(): iterable
    {
        yield 'it takes one away' => [['nitrate' => -1.0, 'phosphate' => 5.0], 0.1];
        yield 'without end' => [['nitrate' => 1.0, 'phosphate' => INF], 0.1];
        yield 'measured in steps of nothing' => [['nitrate' => 1.0], 0.0];
    }

    /** @param array<string, float> $brings */
    #[DataProvider('noFeeds')]
    public function testWhatCannotBeFedIsRefused(array $brings, float $step): void
    {
        $this->expectException(FertilisingFault::class);
        new Fertiliser('a', 'a', 'mL', $brings, $step);
    }
}
