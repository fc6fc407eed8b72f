<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Cresco\Core\Checklist\Caution;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\Concentrate;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Label;
use Cresco\Core\Mixing\MeterFactor;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Mixing\Salt;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Mixing\WeighedBatch;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ProductsTest extends TestCase
{
    /** IUPAC 2021, abridged. */
    private const ATOMS = [
        'H' => 1.008, 'C' => 12.011, 'N' => 14.007, 'O' => 15.999, 'Na' => 22.990, 'Mg' => 24.305, 'P' => 30.974, 'S' => 32.06, 'Cl' => 35.45,
        'K' => 39.098, 'Ca' => 40.078,
    ];

    /** @return iterable<string, array{Salt}> */
    public static function salts(): iterable
    {
        foreach (Salts::all() as $salt) {
            yield $salt->key => [$salt];
        }
    }

    #[DataProvider('salts')]
    public function testTheMolarMassFollowsFromTheFormulaOnTheJar(Salt $salt): void
    {
        self::assertEqualsWithDelta(self::mass($salt->formula), $salt->molarMass, 1e-4 * $salt->molarMass);
    }

    #[DataProvider('salts')]
    public function testASaltBringsAsManyChargesOfEachSign(Salt $salt): void
    {
        self::assertEqualsWithDelta(0.0, $salt->perGram()->imbalance(), 1e-9);
    }

    public function testAGramOfEpsomSaltInTenLitresIsTwoAndAQuarterDegrees(): void
    {
        // 1 / 246.474 mol in 10 L are 0.4057 mmol/L; a degree is 0.17832.
        self::assertEqualsWithDelta(2.275, Salts::get('epsom')->perGram()->times(0.1)->degreesOfHardness(), 0.001);
        self::assertEqualsWithDelta(0.95 * 2.275, Salts::get('epsom')->perGram(0.95)->times(0.1)->degreesOfHardness(), 0.001);
    }

    public function testHotSaltsCarryTheirCaution(): void
    {
        self::assertContains(Caution::HotSalt, Salts::get('calcium_chloride_dry')->cautions);
        self::assertContains(Caution::Caustic, Salts::get('potassium_carbonate')->cautions);
    }

    public function testJarsGoInGypsumFirstAndBicarbonateLast(): void
    {
        $products = PlannerTest::products('soda', 'calcium_chloride', 'gypsum', 'epsom');
        $batch = WeighedBatch::rounded(Mixture::of([BatchSource::pure()], [1.0], $products, [0.1, 0.1, 0.1, 0.0]), 10.0, 0.1);

        self::assertSame([2, 1, 0], $batch->order());
    }

    public function testRoundingToTheScaleIsShownInTheWater(): void
    {
        $recipe = Mixture::of([BatchSource::pure()], [1.0], PlannerTest::products('epsom'), [0.0437]);
        $batch = WeighedBatch::rounded($recipe, 10.0, 1.0);

        self::assertSame([0.0], $batch->amounts);
        self::assertSame([0.44], WeighedBatch::rounded($recipe, 10.0, 0.01)->amounts);
        self::assertEqualsWithDelta([0.45], WeighedBatch::rounded($recipe, 10.0, 0.01, [0 => 0.3])->amounts, 1e-9);
        self::assertEqualsWithDelta(0.44 * 2.275, WeighedBatch::rounded($recipe, 10.0, 0.01)->water->ions->degreesOfHardness(), 0.001);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            yield $seed => [$seed];
        }
    }

    /** @param list<float> $amounts */
    private static function missed(Mixture $recipe, array $amounts, float $litres, Target $target): float
    {
        $water = Mixture::of($recipe->sources, $recipe->shares, $recipe->products, array_map(static fn(float $amount): float => $amount / $litres, $amounts));
        $sum = 0.0;
        foreach ([RecipeAim::Hardness, RecipeAim::Alkalinity, RecipeAim::Conductivity] as $aim) {
            $sum += (((float) $water->value($aim) - (float) $target->value($aim)) / $aim->tolerance((float) $target->value($aim))) ** 2;
        }

        return sqrt($sum);
    }

    #[DataProvider('seeds')]
    public function testJarsAreRoundedTogetherAsWellAsTryingAllOfIt(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $draw = static fn(float $low, float $high): float => $low + ($high - $low) * ($chance->getInt(0, 1 << 30) / (1 << 30));
        $names = $chance->pickArrayKeys(
            array_flip(['gypsum', 'calcium_chloride', 'epsom', 'magnesium_chloride', 'soda', 'potassium_bicarbonate', 'potassium_sulfate']),
            $chance->getInt(2, 4),
        );
        $products = PlannerTest::products(...array_map(strval(...), $names));
        $litres = $draw(5, 25);
        $step = [0.1, 0.5, 1.0][$chance->getInt(0, 2)];
        $recipe = Mixture::of([BatchSource::pure()], [1.0], $products, array_map(static fn(): float => $draw(0.03, 0.15), $products));
        $target = new Target($recipe->value(RecipeAim::Hardness), $recipe->value(RecipeAim::Alkalinity), null, $recipe->value(RecipeAim::Conductivity));
        $spoons = $seed % 3 === 0 ? [0 => 0.9] : [];
        $least = INF;
        $trials = [[]];
        foreach ($recipe->amounts as $j => $amount) {
            $each = isset($spoons[$j]) ? $spoons[$j] / 2.0 : $step;
            $down = floor($amount * $litres / $each);
            $longer = [];
            foreach ($trials as $trial) {
                foreach ([-2, -1, 0, 1, 2, 3] as $by) {
                    if ($down + $by >= 0.0) {
                        $longer[] = [...$trial, ($down + $by) * $each];
                    }
                }
            }
            $trials = $longer;
        }
        foreach ($trials as $trial) {
            $least = min($least, self::missed($recipe, $trial, $litres, $target));
        }

        self::assertLessThanOrEqual(
            1.01 * $least + 0.005,
            self::missed($recipe, WeighedBatch::rounded($recipe, $litres, $step, $spoons, $target)->amounts, $litres, $target),
        );
    }

    public function testALabelThatNamesNoConductivityIsReckonedAndSaysHowRoughly(): void
    {
        // Calcium and magnesium chloride for 6 degrees, as salts they would raise the meter by what their ions conduct.
        $salts = Mixture::of([BatchSource::pure()], [1.0], PlannerTest::products('calcium_chloride', 'magnesium_chloride'), [0.101498, 0.077161]);
        $label = new Label(3.0, 10.0, $salts->ions->degreesOfHardness(), 0.0, null, 3.0);
        $product = Ingredient::ofLabel('x', 'Grains', 'g', $label);
        $batch = WeighedBatch::rounded(Mixture::of([BatchSource::pure()], [1.0], [$product], [0.3]), 10.0, 0.1);

        self::assertNull($label->contradiction());
        self::assertGreaterThan(0.05, $label->doubt());
        self::assertEqualsWithDelta($salts->conductivity, $batch->water->conductivity, 1.96 * $batch->water->doubt());
        // The meter cannot fault a good batch, and still finds one that is half as strong.
        self::assertTrue($batch->check($salts->conductivity)->isGood());
        self::assertFalse($batch->check(0.5 * $salts->conductivity)->isGood());
        self::assertSame(0.0, (new Label(3.0, 10.0, 6.0, 0.0, 240.0))->doubt());
    }

    public function testThePenSaysHowMuchMoreOfEverything(): void
    {
        $batch = WeighedBatch::rounded(Mixture::of([BatchSource::pure()], [1.0], PlannerTest::products('calcium_chloride', 'epsom'), [0.1, 0.1]), 10.0, 0.0);
        $expected = $batch->water->conductivity;

        self::assertTrue($batch->check($expected * 1.02)->isGood());
        // Four fifths dissolved: a quarter of it again.
        self::assertEqualsWithDelta(0.25, $batch->check(0.8 * $expected)->more, 1e-9);
        // A quarter too strong: thinned with as much water as a quarter of the batch.
        self::assertEqualsWithDelta(2.5, $batch->check(1.25 * $expected)->water, 1e-9);
        self::assertTrue($batch->check(1.0)->isOdd);
        self::assertTrue($batch->check(3.0 * $expected)->isOdd);
    }

    public function testASpoonIsLearnedFromTrials(): void
    {
        self::assertSame(0.62, Spoon::weighed(6.2, 10));
        $spoon = Spoon::learned([[0.60, 10], [0.64, 10]]);
        self::assertEqualsWithDelta(0.62, $spoon->mean, 1e-6);
        self::assertFalse($spoon->disagreesWith(0.65, 10));
        self::assertTrue($spoon->disagreesWith(0.90, 10));
        self::assertEqualsWithDelta(2.0 * $spoon->spread, $spoon->spreadOf(4.0), 1e-9);
        // Ten spoons and thirty, weighed by their number, and one of another bag set aside.
        $mixed = Spoon::learned([[0.60, 10], [0.64, 30], [0.95, 10]]);
        self::assertEqualsWithDelta(0.63, $mixed->mean, 1e-6);
        self::assertSame([2, 1], [$mixed->trials, $mixed->aside]);
    }

    public function testASpoonReadByThePenComesOutAsItWasWeighed(): void
    {
        $epsom = Ingredient::ofSalt(Salts::get('epsom'));
        // Three spoons of 1.5 g in 12 L, by the forward model.
        $rise = Mixture::of([BatchSource::pure()], [1.0], [$epsom], [4.5 / 12.0])->conductivity;

        self::assertEqualsWithDelta(1.5, Spoon::byPen($rise, 12.0, 3, Spoon::risePerGram($epsom, $rise)), 0.001);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function badTrials(): iterable
    {
        yield 'no grams' => [static fn() => Spoon::weighed(0.0, 10)];
        yield 'no spoons' => [static fn() => Spoon::weighed(5.0, 0)];
        yield 'a pen that falls' => [static fn() => Spoon::byPen(-3.0, 10.0, 2, 900.0)];
        yield 'a factor no pen has' => [static fn() => MeterFactor::learned([[900.0, 300.0], [900.0, 300.0]])];
        yield 'a reading of nothing' => [static fn() => MeterFactor::learned([[0.0, 300.0]])];
        yield 'a stock solution of nothing' => [static fn() => Concentrate::of(Mixture::of([BatchSource::pure()], [1.0], [], []), 0.0, 500.0)];
    }

    /** @param callable(): mixed $try */
    #[DataProvider('badTrials')]
    public function testATrialThatCannotBeIsRefused(callable $try): void
    {
        $this->expectException(MixingFault::class);
        $try();
    }

    public function testThePenFactorMovesFromItsStartToThePairs(): void
    {
        self::assertEqualsWithDelta(0.5, MeterFactor::learned([])->factor, 1e-9);
        $one = MeterFactor::learned([[192.0, 300.0]]);
        $many = MeterFactor::learned(array_fill(0, 8, [192.0, 300.0]));
        self::assertGreaterThan(0.6, $one->factor);
        self::assertEqualsWithDelta(0.64, $many->factor, 0.004);
        self::assertLessThan($one->spread, $many->spread);
        // One pair of another water is left out.
        $wild = MeterFactor::learned([[192.0, 300.0], [191.0, 300.0], [193.0, 300.0], [192.0, 300.0], [280.0, 300.0]]);
        self::assertSame(4, $wild->pairs);
        self::assertEqualsWithDelta(0.64, $wild->factor, 0.006);
    }

    public function testAStockSolutionKeepsApartWhatFallsOut(): void
    {
        $products = PlannerTest::products('calcium_chloride', 'epsom', 'soda', 'magnesium_chloride');
        $stock = Concentrate::of(Mixture::of([BatchSource::pure()], [1.0], $products, [0.08, 0.05, 0.05, 0.02]), 5.0, 500.0);

        // 500 mL at 5 mL a litre treat 100 L.
        self::assertEqualsWithDelta(8.0, $stock->grams[0], 1e-9);
        foreach ($stock->bottles as [$inside]) {
            foreach ($inside as $a) {
                foreach ($inside as $b) {
                    self::assertTrue($a === $b || Concentrate::clash($products[$a], $products[$b]) === null);
                }
            }
        }
        self::assertCount(3, $stock->bottles);
        self::assertSame([], $stock->undissolved);
    }

    public function testGypsumDoesNotGoIntoAStockSolution(): void
    {
        $stock = Concentrate::of(Mixture::of([BatchSource::pure()], [1.0], PlannerTest::products('gypsum'), [0.08]), 5.0, 500.0);

        self::assertSame([0], $stock->undissolved);
        // 8 g at 1.6 g/L need 5 L of bottle.
        self::assertEqualsWithDelta(5.0, $stock->least[0], 1e-9);
    }

    public function testSodiumOfAWaterIsCountedInItsIons(): void
    {
        self::assertEqualsWithDelta(27.37, Ions::none()->plus(Salts::get('soda')->perGram(), 0.1)->milligramsOf(Ion::Sodium), 0.01);
    }

    private static function mass(string $formula): float
    {
        $plain = strtr($formula, ['₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7']);
        $sum = 0.0;
        foreach (explode('·', $plain) as $part) {
            $times = max(1, (int) $part);
            $sum += $times * self::group(ltrim($part, '0123456789'));
        }

        return $sum;
    }

    private static function group(string $text): float
    {
        $sum = 0.0;
        if (preg_match('/\(([A-Za-z0-9]+)\)(\d+)/', $text, $inner) === 1) {
            $sum += self::group($inner[1]) * (float) $inner[2];
            $text = str_replace($inner[0], '', $text);
        }
        preg_match_all('/([A-Z][a-z]?)(\d*)/', $text, $parts, PREG_SET_ORDER);
        foreach ($parts as [, $atom, $count]) {
            $sum += self::ATOMS[$atom] * max(1, (int) $count);
        }

        return $sum;
    }

    public function testEveryIonOfABatchIsWorkedOutFromItsParts(): void
    {
        $tap = new BatchSource('tap', 'Tap', Ions::milligrams(['Ca' => 48.0, 'SO4' => 38.0]));
        $mixture = Mixture::of([BatchSource::pure(), $tap], [0.75, 0.25], [Ingredient::ofSalt(Salts::get('gypsum'))], [0.1]);
        // A quarter of 48 mg/L, and 0.1 g/L of a salt that is 40.078 / 172.171 calcium.
        $byHand = 12.0 + 100.0 * 40.078 / 172.171;

        self::assertEqualsWithDelta($byHand, $mixture->ionWorking(Ion::Calcium, 60.0)->value('c'), 1e-6);
        self::assertEqualsWithDelta($byHand, $mixture->ions->milligramsOf(Ion::Calcium), 1e-6);
        self::assertSame(0.0, $mixture->ionWorking(Ion::Sodium, 60.0)->value('c'));
    }
}
