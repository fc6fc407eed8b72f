<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Cresco\Core\Mixing\Advice;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\Concession;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Label;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\MixingSystem;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\Planner;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Mixing\WeighedBatch;
use Cresco\Core\Numeric\NonNegativeLeastSquares;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PlannerTest extends TestCase
{
    private const CAPS = ['Na' => 50.0, 'K' => 30.0, 'Cl' => 80.0, 'SO4' => 100.0, 'NO3' => 20.0];

    public static function tap(): BatchSource
    {
        return new BatchSource(
            'tap',
            'Tap',
            Ions::milligrams(['Ca' => 80.0, 'Mg' => 12.0, 'Na' => 20.0, 'K' => 3.0, 'HCO3' => 220.0, 'Cl' => 40.0, 'SO4' => 50.0, 'NO3' => 12.0]),
            560.0,
        );
    }

    /** @return list<Ingredient> */
    public static function products(string ...$keys): array
    {
        return array_values(array_map(static fn(string $key): Ingredient => Ingredient::ofSalt(Salts::get($key)), $keys));
    }

    /** @return list<Ingredient> */
    private static function shelf(): array
    {
        return self::products(
            'gypsum',
            'calcium_chloride',
            'epsom',
            'magnesium_chloride',
            'soda',
            'potassium_bicarbonate',
            'potassium_sulfate',
            'potassium_chloride',
        );
    }

    /** @return iterable<string, array{list<BatchSource>, Target}> */
    public static function targets(): iterable
    {
        $tap = self::tap();
        yield 'shrimp on soil' => [[BatchSource::pure()], Target::degrees(5.0, 0.0, 3.0, 210.0, self::CAPS)];
        yield 'hardy shrimp' => [[BatchSource::pure(), $tap], Target::degrees(7.0, 3.0, 3.0, 330.0, self::CAPS)];
        yield 'aquascape' => [[BatchSource::pure(), $tap], Target::degrees(6.0, 2.0, 3.0, 270.0, self::CAPS)];
        yield 'hard-water lake' => [[BatchSource::pure(), $tap], Target::degrees(12.0, 10.0, 3.0, 600.0, self::CAPS)];
        yield 'no conductivity named' => [[BatchSource::pure()], Target::degrees(4.0, 2.0, 4.0, null, self::CAPS)];
        yield 'hardness alone' => [[BatchSource::pure(), $tap], Target::degrees(9.0, null)];
    }

    /** @param list<BatchSource> $sources */
    #[DataProvider('targets')]
    public function testARecipeMixedForwardLandsOnItsTarget(array $sources, Target $target): void
    {
        $planner = new Planner($sources, self::shelf(), 40.0);
        $closest = $planner->closest($target);
        foreach ([$closest, ...array_map(static fn(Preference $p) => $planner->sparing($p, $target, $closest), Preference::cases())] as $mixture) {
            self::assertNotNull($mixture);
            self::assertEqualsWithDelta(1.0, array_sum($mixture->shares), 1e-6);
            self::assertSame([], Advice::missed($target, $mixture));
            // Weighed to a hundredth of a gram and worked out again, from the ions of each salt.
            $batch = WeighedBatch::rounded($mixture, 40.0, 0.01);
            if ($target->gh !== null) {
                self::assertEqualsWithDelta($target->gh, $batch->water->ions->hardness(), 0.02 * 0.178);
            }
            if ($target->kh !== null) {
                self::assertEqualsWithDelta($target->kh, $batch->water->ions->alkalinity(), 0.02 * 0.357);
            }
            foreach ($target->caps as $ion => $cap) {
                self::assertLessThan(1.01 * $cap + 0.05, $mixture->ions->milligramsOf(Ion::from($ion)), $ion);
            }
        }
    }

    /** @return iterable<string, array{Target}> */
    public static function conflicts(): iterable
    {
        $caps = ['Na' => 5.0, 'K' => 1.0, 'Cl' => 10.0, 'SO4' => 12.0, 'NO3' => 3.0];
        yield 'softer than there is water for' => [Target::degrees(1.0, 0.5, null, 60.0, $caps)];
        yield 'limits that only more rain would keep' => [Target::degrees(8.0, 4.0, 3.0, null, $caps)];
        yield 'everything at once' => [Target::degrees(2.0, 8.0, 3.0, 90.0, $caps)];
    }

    #[DataProvider('conflicts')]
    public function testWaterAtHandIsNeverOverdrawnWhateverElseGivesWay(Target $target): void
    {
        $rain = new BatchSource('rain', 'Rain', Ions::none(), 12.0, 15.0);
        $planner = new Planner([self::tap(), $rain], self::shelf(), 40.0);
        $closest = $planner->closest($target);
        foreach ([$closest, ...array_map(static fn(Preference $p) => $planner->sparing($p, $target, $closest), Preference::cases())] as $mixture) {
            if ($mixture !== null) {
                self::assertLessThanOrEqual(15.0 + 1e-9, 40.0 * $mixture->shares[1]);
                self::assertEqualsWithDelta(1.0, array_sum($mixture->shares), 1e-9);
                self::assertGreaterThanOrEqual(0.0, min([1.0, ...$mixture->shares, ...$mixture->amounts]));
            }
        }
    }

    public function testSixDegreesFromTwoSaltsAsReckonedByHand(): void
    {
        // 6 dGH are 1.06994 mmol/L; at 3 to 1 by mass calcium is 3/40.078 of (3/40.078 + 1/24.305): 0.64527, so 0.69040 mmol/L
        // calcium and 0.37954 mmol/L magnesium. In 10 L that is 0.69040 x 147.014 / 100 = 1.01498 g of the one and
        // 0.37954 x 246.474 / 100 = 0.93547 g of the other.
        $planner = new Planner([BatchSource::pure()], self::products('calcium_chloride', 'epsom'), 10.0);
        $mixture = $planner->closest(Target::degrees(6.0, null, 3.0));

        self::assertEqualsWithDelta(10.1498, 100.0 * $mixture->amounts[0], 0.01);
        self::assertEqualsWithDelta(9.3547, 100.0 * $mixture->amounts[1], 0.01);
    }

    public function testTheLeastSquaresOfARecipeMeetTheConditionsOfAnOptimum(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($i = 0; $i < 25; ++$i) {
            $target = Target::degrees(
                self::between($random, 1.0, 16.0),
                self::between($random, 0.0, 12.0),
                self::between($random, 2.0, 5.0),
                self::between($random, 80.0, 900.0),
                self::CAPS,
            );
            $planner = new Planner([BatchSource::pure(), self::tap()], self::shelf(), 40.0);
            [$columns, $b] = $planner->leastSquares($target, $planner->firstGuess($target));
            $x = NonNegativeLeastSquares::solve($columns, $b);
            $residual = $b;
            foreach ($columns as $j => $column) {
                foreach ($column as $k => $v) {
                    $residual[$k] -= $v * $x[$j];
                }
            }
            $length = sqrt(array_sum(array_map(static fn(float $r): float => $r * $r, $residual))) + 1e-8 * max(array_map(abs(...), [1.0, ...$b]));
            foreach ($columns as $j => $column) {
                $norm = sqrt(array_sum(array_map(static fn(float $v): float => $v * $v, $column)));
                $slope = array_sum(array_map(static fn(float $v, float $r): float => $v * $r, $column, $residual)) / $norm;
                self::assertLessThan(1e-5 * $length, $x[$j] > 0.0 ? abs($slope) : $slope, "problem $i, unknown $j");
            }
        }
    }

    public function testHardnessIsNotGivenUpForConductivity(): void
    {
        // 60 uS/cm cannot be had at 8 dGH: hardness stays, conductivity comes as low as it can.
        $planner = new Planner([BatchSource::pure()], self::shelf(), 20.0);
        $target = Target::degrees(8.0, 2.0, null, 60.0, self::CAPS);
        $mixture = $planner->closest($target);
        $between = $planner->conductivityBetween($target->gh, $target->kh, $target);

        self::assertEqualsWithDelta(8.0, $mixture->ions->degreesOfHardness(), 0.01);
        self::assertNotNull($between);
        self::assertEqualsWithDelta($between[0], $mixture->conductivity, 0.02 * $between[0]);
    }

    public function testNoRandomMixWithTheSameHardnessLeavesTheIntervalOfConductivity(): void
    {
        $sources = [BatchSource::pure(), self::tap()];
        $products = self::shelf();
        $planner = new Planner($sources, $products, 20.0);
        $target = Target::degrees(6.0, 3.0, null, null, self::CAPS);
        [$low, $high] = $planner->conductivityBetween($target->gh, $target->kh, $target) ?? [0.0, 0.0];
        $random = new Randomizer(new Mt19937(3));
        $seen = 0;
        for ($i = 0; $i < 400; ++$i) {
            // Any wish for the other ions leads to some mix with this hardness.
            $wish = new Target(
                $target->gh,
                $target->kh,
                self::between($random, 0.3, 9.0),
                self::between($random, 100.0, 900.0),
                array_map(static fn(float $cap): float => $cap * self::between($random, 0.2, 1.0), self::CAPS),
            );
            $mixture = $planner->closest($wish);
            if (abs($mixture->ions->hardness() - (float) $target->gh) < 1e-4 && abs($mixture->ions->alkalinity() - (float) $target->kh) < 1e-4) {
                ++$seen;
                self::assertGreaterThan($low * 0.995, $mixture->conductivity);
                self::assertLessThan($high * 1.005, $mixture->conductivity);
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    /** @param list<BatchSource> $sources */
    #[DataProvider('targets')]
    public function testTheMostSparingRecipesAreNoWorseThanAnyOther(array $sources, Target $target): void
    {
        $planner = new Planner($sources, self::shelf(), 40.0);
        $closest = $planner->closest($target);
        $recipes = [];
        foreach (Preference::cases() as $preference) {
            $recipes[$preference->value] = $planner->sparing($preference, $target, $closest) ?? self::fail($preference->value);
        }
        $products = static fn(Mixture $m): int => count(array_filter($m->amounts, static fn(float $a): bool => $a > 1e-6));
        $weighed = static fn(Mixture $m): float => array_sum($m->amounts);
        foreach ([$closest, ...array_values($recipes)] as $other) {
            self::assertLessThanOrEqual($other->ions->of(Ion::Sodium) + 1e-6, $recipes['least_sodium']->ions->of(Ion::Sodium));
            self::assertLessThanOrEqual($other->shares[0] + 1e-6, $recipes['least_ro']->shares[0]);
            self::assertLessThanOrEqual($products($other), $products($recipes['fewest_jars']));
        }
        // Fewer products may weigh a little more, and never much.
        self::assertLessThanOrEqual(1.03 * min(array_map($weighed, $recipes)), $weighed($recipes['fewest_jars']));
    }

    public function testWhatClashesIsNamedWithTheCheapestWayOut(): void
    {
        $planner = new Planner([BatchSource::pure()], self::shelf(), 20.0);
        $target = Target::degrees(6.0, 1.0, null, 120.0, self::CAPS);
        $advice = Advice::on($planner, $target, $planner->closest($target));

        self::assertNotNull($advice);
        self::assertSame([RecipeAim::Conductivity], $advice->missed);
        self::assertSame([], $advice->alone);
        self::assertSame([RecipeAim::Hardness, RecipeAim::Conductivity], $advice->pair);
        self::assertNotNull($advice->reach);
        self::assertGreaterThan(120.0, $advice->reach[0]);
        // Taking a concession makes all the rest hold.
        $cheapest = $advice->concessions[0];
        self::assertSame(RecipeAim::Hardness, $cheapest->what);
        $planned = $planner->closest(new Target($cheapest->instead, $target->kh, null, $target->conductivity, self::CAPS));
        self::assertSame([], Advice::missed(new Target($cheapest->instead, $target->kh, null, $target->conductivity), $planned));
        self::assertGreaterThanOrEqual($cheapest->price, max([0.0, ...array_map(static fn(Concession $c): float => $c->price, $advice->concessions)]));
    }

    public function testACapInTheWayIsNamedWithASaltToSwap(): void
    {
        // 12 dKH from sodium bicarbonate alone are 98 mg/L sodium.
        $planner = new Planner([BatchSource::pure()], self::products('calcium_chloride', 'epsom', 'soda'), 20.0);
        $target = Target::degrees(8.0, 12.0, null, null, ['Na' => 50.0]);
        $advice = Advice::on($planner, $target, $planner->closest($target));

        self::assertNotNull($advice);
        $sodium = array_values(array_filter($advice->concessions, static fn(Concession $c): bool => $c->what === Ion::Sodium));
        self::assertEqualsWithDelta(12.0 * 0.356650 * 22.990, $sodium[0]->instead, 1.0);
        self::assertContains('potassium_bicarbonate', array_map(static fn($salt) => $salt->key, $advice->wanting));
    }

    public function testWaterThatIsTooHardIsToldHowMuchSoftWaterItNeeds(): void
    {
        $planner = new Planner([self::tap()], self::shelf(), 20.0);
        $target = Target::degrees(7.0, 3.0, null, null, self::CAPS);
        $closest = $planner->closest($target);
        $advice = Advice::on($planner, $target, $closest);

        self::assertEqualsWithDelta(self::tap()->ions->degreesOfHardness(), $closest->ions->degreesOfHardness(), 0.05);
        // KH 3 of the tap's 10.11: 70 % soft water.
        self::assertEqualsWithDelta(1.0 - 3.0 / 10.11, (float) $advice?->pureShare, 0.01);
    }

    /** @return iterable<string, array{list<Ingredient>, Target}> */
    public static function poorShelves(): iterable
    {
        yield 'no jars' => [[], Target::degrees(6.0, 2.0, 3.0, 280.0, self::CAPS)];
        yield 'one jar' => [self::products('epsom'), Target::degrees(6.0, 2.0, 3.0, 280.0, self::CAPS)];
        yield 'two jars alike' => [self::products('epsom', 'epsom'), Target::degrees(6.0, null, null, 280.0, self::CAPS)];
        yield 'nothing aimed at' => [self::shelf(), new Target(null, null, null, null, self::CAPS)];
        yield 'everything at nothing' => [self::shelf(), Target::degrees(0.0, 0.0, 0.0, 0.0, array_map(static fn(): float => 0.0, self::CAPS))];
        yield 'out of all measure' => [self::shelf(), Target::degrees(100.0, 100.0, 50.0, 20000.0, self::CAPS)];
        yield 'lime only' => [self::products('lime'), Target::degrees(6.0, 6.0)];
    }

    /** @param list<Ingredient> $products */
    #[DataProvider('poorShelves')]
    public function testAnyShelfGivesAnAnswer(array $products, Target $target): void
    {
        foreach ([[BatchSource::pure()], [self::tap()], [BatchSource::pure(), self::tap()]] as $sources) {
            $planner = new Planner($sources, $products, 20.0);
            $closest = $planner->closest($target);
            self::assertTrue(is_finite($closest->conductivity));
            self::assertEqualsWithDelta(1.0, array_sum($closest->shares), 1e-6);
            Advice::on($planner, $target, $closest);
            foreach (Preference::cases() as $preference) {
                $planner->sparing($preference, $target, $closest);
            }
            self::assertLessThanOrEqual(24, count($planner->region($target, 5.0, 7.0)));
        }
    }

    public function testEveryCornerOfTheReachableRegionCanBeMadeAndNothingBeyondAnEdge(): void
    {
        $planner = new Planner([BatchSource::pure(), self::tap()], self::shelf(), 20.0);
        $target = new Target(null, null, null, null, self::CAPS);
        $corners = $planner->region($target, 4.5, 6.0);
        self::assertGreaterThanOrEqual(4, count($corners));
        $middle = [array_sum(array_column($corners, 0)) / count($corners), array_sum(array_column($corners, 1)) / count($corners)];
        foreach ($corners as $i => [$gh, $kh]) {
            $made = $planner->closest(new Target($gh, $kh, null, null, self::CAPS));
            self::assertEqualsWithDelta([$gh, $kh], [$made->ions->hardness(), $made->ions->alkalinity()], 0.01, "corner $i");
            // A little further out, within the frame, is out of reach.
            $out = [$gh + 0.1 * ($gh - $middle[0]), $kh + 0.1 * ($kh - $middle[1])];
            if ($out[0] < 4.5 && $out[1] < 6.0 && $out[0] > 0.0 && $out[1] > 0.0) {
                $beyond = $planner->closest(new Target($out[0], $out[1], null, null, self::CAPS));
                self::assertGreaterThan(0.005, abs($beyond->ions->hardness() - $out[0]) + abs($beyond->ions->alkalinity() - $out[1]), "beyond corner $i");
            }
        }
    }

    public function testNoRandomMixWithinTheCapsLiesOutsideTheReachableRegion(): void
    {
        [$mostGh, $mostKh] = [4.5, 6.0];
        $shelf = self::shelf();
        $corners = (new Planner([BatchSource::pure(), self::tap()], $shelf, 20.0))->region(new Target(null, null, null, null, self::CAPS), $mostGh, $mostKh);
        $random = new Randomizer(new Mt19937(20261127));
        $part = static fn(): float => $random->getInt(0, 1_000_000) / 1e6;
        $mass = ['Ca' => 40.078, 'Mg' => 24.305, 'Na' => 22.990, 'K' => 39.098, 'HCO3' => 61.017, 'Cl' => 35.45, 'SO4' => 96.06, 'NO3' => 62.005];
        $tap = array_map(
            static fn(float $milligrams, float $molar): float => $milligrams / $molar,
            ['Ca' => 80.0, 'Mg' => 12.0, 'Na' => 20.0, 'K' => 3.0, 'HCO3' => 220.0, 'Cl' => 40.0, 'SO4' => 50.0, 'NO3' => 12.0],
            $mass,
        );
        $tap = array_combine(array_keys($mass), $tap);
        $nearest = INF;
        for ($n = 0; $n < 4000; ++$n) {
            $share = $random->getInt(0, 4) === 0 ? 0.0 : 0.9 * $part();
            $added = array_fill_keys(array_keys($mass), 0.0);
            foreach (array_slice($random->shuffleArray(array_keys($shelf)), 0, $random->getInt(1, 3)) as $at) {
                $much = $part();
                foreach ($shelf[$at]->salt->brings ?? [] as $ion => $many) {
                    $added[$ion] += $much * $many;
                }
            }
            // As much of it as the caps and the frame let in.
            $room = [
                ($mostGh - $share * ($tap['Ca'] + $tap['Mg'])) / max(1e-9, $added['Ca'] + $added['Mg']),
                ($mostKh - $share * $tap['HCO3']) / max(1e-9, $added['HCO3']),
            ];
            foreach (self::CAPS as $ion => $cap) {
                $room[] = ($cap / $mass[$ion] - $share * $tap[$ion]) / max(1e-9, $added[$ion]);
            }
            if (min($room) < 0.0) {
                continue;
            }
            $scale = min($room) * ($random->getInt(0, 1) === 1 ? 1.0 : $part());
            [$gh, $kh] = [$share * ($tap['Ca'] + $tap['Mg']) + $scale * ($added['Ca'] + $added['Mg']), $share * $tap['HCO3'] + $scale * $added['HCO3']];
            foreach ($corners as $i => [$x1, $y1]) {
                [$x2, $y2] = $corners[($i + 1) % count($corners)];
                $inside = (($x2 - $x1) * ($kh - $y1) - ($y2 - $y1) * ($gh - $x1)) / max(1e-6, hypot($x2 - $x1, $y2 - $y1));
                self::assertGreaterThan(-0.01, $inside, "$gh, $kh beyond edge $i");
                $nearest = min($nearest, $inside);
            }
        }
        // Some of them lie on its edge, so that it is no larger than it should be there.
        self::assertLessThan(0.02, $nearest);
    }

    public function testGypsumIsNotPlannedBeyondWhatDissolves(): void
    {
        $planner = new Planner([BatchSource::pure()], self::products('gypsum'), 10.0);

        self::assertLessThanOrEqual(2.0, $planner->closest(Target::degrees(90.0, null))->amounts[0]);
    }

    public function testALabelledProductSpeaksForItself(): void
    {
        // 2 g in 10 L raise GH by 6 and the meter by 230; 5 g in 20 L then make 7.5 and 287.
        $product = Ingredient::ofLabel('p', 'Shrimp mineral', 'g', new Label(2.0, 10.0, 6.0, 0.0, 230.0));
        $planner = new Planner([BatchSource::pure()], [$product], 20.0);
        $mixture = $planner->closest(Target::degrees(7.5, null));

        self::assertEqualsWithDelta(5.0, 20.0 * $mixture->amounts[0], 0.01);
        self::assertEqualsWithDelta(287.5, $mixture->conductivity, 1.0);
        self::assertContains(Ion::Chloride, $mixture->unknown());
        // Of a product that stays in stock nothing is unknown.
        $without = (new Planner([BatchSource::pure()], [...self::products('gypsum'), $product], 20.0))->closest(new Target(0.0, 0.0, null, null));
        self::assertSame([], $without->unknown());
    }

    /** @return iterable<string, array{Label, bool}> */
    public static function labels(): iterable
    {
        yield 'believable' => [new Label(2.0, 10.0, 6.0, 0.0, 230.0), false];
        yield 'TDS taken for conductivity' => [new Label(2.0, 10.0, 6.0, 3.0, 110.0), true];
        yield 'hardness without conductivity' => [new Label(2.0, 10.0, 6.0, 0.0, 0.0), true];
        yield 'bicarbonate alone' => [new Label(3.0, 10.0, 0.0, 10.0, 330.0), false];
    }

    #[DataProvider('labels')]
    public function testALabelThatContradictsItselfIsFoundOut(Label $label, bool $contradicts): void
    {
        self::assertSame($contradicts, $label->contradiction() !== null);
    }

    public function testEveryFigureOfARecipeOpensToItsWorking(): void
    {
        $planner = new Planner([BatchSource::pure(), self::tap()], self::shelf(), 40.0);
        $target = Target::degrees(6.0, 2.0, 3.0, 280.0, self::CAPS);
        $mixture = $planner->sparing(Preference::FewestJars, $target, $planner->closest($target)) ?? self::fail('no recipe');

        self::assertEqualsWithDelta($mixture->ions->degreesOfHardness(), $mixture->working(RecipeAim::Hardness, 40.0)->estimate()->central(), 1e-6);
        self::assertEqualsWithDelta($mixture->ions->alkalinity() / 0.356650, $mixture->working(RecipeAim::Alkalinity, 40.0)->estimate()->central(), 1e-3);
        self::assertEqualsWithDelta($mixture->conductivity, $mixture->working(RecipeAim::Conductivity, 40.0)->estimate()->central(), 0.01);
        self::assertEqualsWithDelta((float) $mixture->ions->calciumToMagnesium(), $mixture->working(RecipeAim::Ratio, 40.0)->estimate()->central(), 1e-6);
    }

    /** @return iterable<string, array{list<BatchSource>, float, string}> */
    public static function impossible(): iterable
    {
        yield 'no source' => [[], 10.0, 'recipe.no_source'];
        yield 'no litres' => [[BatchSource::pure()], 0.0, 'recipe.nothing_to_do'];
        yield 'less water than needed' => [[new BatchSource('s', 'Store', Ions::none(), 0.0, 12.0)], 20.0, '"have":12,"need":20'];
    }

    /** @param list<BatchSource> $sources */
    #[DataProvider('impossible')]
    public function testABatchThatCannotBeMadeIsRefused(array $sources, float $litres, string $why): void
    {
        $this->expectException(MixingFault::class);
        $this->expectExceptionMessage($why);
        new Planner($sources, [], $litres);
    }

    public function testAStoreIsNotDrawnBelowNothing(): void
    {
        $planner = new Planner([new BatchSource('s', 'Store', Ions::none(), 0.0, 5.0, true), self::tap()], self::shelf(), 20.0);
        $mixture = $planner->closest(Target::degrees(2.0, 1.0));

        self::assertLessThanOrEqual(5.0 / 20.0 + 1e-6, $mixture->shares[0]);
    }

    public function testTheLinearViewAgreesWithTheForwardModel(): void
    {
        $system = new MixingSystem([BatchSource::pure(), self::tap()], self::shelf(), 20.0);
        $x = [0.6, 0.4, 0.02, 0.01, 0.03, 0.0, 0.02, 0.0, 0.01, 0.0];
        $mixture = $system->mixture($x);

        self::assertEqualsWithDelta($mixture->conductivity, MixingSystem::dot($system->conductivity($mixture->conductance), $x), 1e-6);
        self::assertEqualsWithDelta($mixture->ions->hardness(), MixingSystem::dot($system->hardness(), $x), 1e-9);
        self::assertEqualsWithDelta(Conductance::of($mixture->ions)->microsiemens + 0.4 * self::tap()->surplus, $mixture->conductivity, 1e-6);
    }

    private static function between(Randomizer $random, float $low, float $high): float
    {
        return $low + ($high - $low) * $random->getInt(0, 1000000) / 1000000.0;
    }
}
