<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Mixing\Salt;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;
use Cresco\Core\Water\WaterFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Ions and salts against the atomic weights, and the arithmetic of what is dissolved. */
final class IonsTest extends TestCase
{
    /** IUPAC 2021, abridged. */
    private const WEIGHTS = [
        'H' => 1.008, 'C' => 12.011, 'N' => 14.007, 'O' => 15.999, 'Na' => 22.990, 'Mg' => 24.305, 'P' => 30.974, 'S' => 32.06, 'Cl' => 35.45,
        'K' => 39.098, 'Ca' => 40.078,
    ];

    /** @return iterable<string, array{Ion, array<string, int>}> */
    public static function ions(): iterable
    {
        yield 'calcium' => [Ion::Calcium, ['Ca' => 1]];
        yield 'magnesium' => [Ion::Magnesium, ['Mg' => 1]];
        yield 'sodium' => [Ion::Sodium, ['Na' => 1]];
        yield 'potassium' => [Ion::Potassium, ['K' => 1]];
        yield 'ammonium' => [Ion::Ammonium, ['N' => 1, 'H' => 4]];
        yield 'bicarbonate' => [Ion::Bicarbonate, ['H' => 1, 'C' => 1, 'O' => 3]];
        yield 'chloride' => [Ion::Chloride, ['Cl' => 1]];
        yield 'sulfate' => [Ion::Sulfate, ['S' => 1, 'O' => 4]];
        yield 'nitrate' => [Ion::Nitrate, ['N' => 1, 'O' => 3]];
        yield 'phosphate' => [Ion::Phosphate, ['H' => 2, 'P' => 1, 'O' => 4]];
    }

    /** @param array<string, int> $atoms */
    #[DataProvider('ions')]
    public function testAnIonWeighsWhatItsAtomsDo(Ion $ion, array $atoms): void
    {
        self::assertEqualsWithDelta(self::weigh($atoms), $ion->molarMass(), 1e-4 * $ion->molarMass());
    }

    /** @return iterable<string, array{string, array<string, int>}> formula by atoms, water of crystallisation included */
    public static function salts(): iterable
    {
        yield 'gypsum' => ['gypsum', ['Ca' => 1, 'S' => 1, 'O' => 6, 'H' => 4]];
        yield 'calcium chloride' => ['calcium_chloride', ['Ca' => 1, 'Cl' => 2, 'H' => 4, 'O' => 2]];
        yield 'calcium chloride, dry' => ['calcium_chloride_dry', ['Ca' => 1, 'Cl' => 2]];
        yield 'Epsom salt' => ['epsom', ['Mg' => 1, 'S' => 1, 'O' => 11, 'H' => 14]];
        yield 'magnesium chloride' => ['magnesium_chloride', ['Mg' => 1, 'Cl' => 2, 'H' => 12, 'O' => 6]];
        yield 'soda' => ['soda', ['Na' => 1, 'H' => 1, 'C' => 1, 'O' => 3]];
        yield 'potassium bicarbonate' => ['potassium_bicarbonate', ['K' => 1, 'H' => 1, 'C' => 1, 'O' => 3]];
        yield 'potassium carbonate' => ['potassium_carbonate', ['K' => 2, 'C' => 1, 'O' => 3]];
        yield 'lime' => ['lime', ['Ca' => 1, 'C' => 1, 'O' => 3]];
        yield 'potassium sulfate' => ['potassium_sulfate', ['K' => 2, 'S' => 1, 'O' => 4]];
        yield 'potassium chloride' => ['potassium_chloride', ['K' => 1, 'Cl' => 1]];
        yield 'table salt' => ['table_salt', ['Na' => 1, 'Cl' => 1]];
        yield 'saltpetre' => ['saltpetre', ['K' => 1, 'N' => 1, 'O' => 3]];
        yield 'potassium phosphate' => ['potassium_phosphate', ['K' => 1, 'H' => 2, 'P' => 1, 'O' => 4]];
        yield 'calcium nitrate' => ['calcium_nitrate', ['Ca' => 1, 'N' => 2, 'O' => 10, 'H' => 8]];
        yield 'magnesium nitrate' => ['magnesium_nitrate', ['Mg' => 1, 'N' => 2, 'O' => 12, 'H' => 12]];
    }

    /** @param array<string, int> $atoms */
    #[DataProvider('salts')]
    public function testASaltWeighsWhatItsFormulaSaysAndIsNeutral(string $key, array $atoms): void
    {
        $salt = Salts::get($key);

        self::assertEqualsWithDelta(self::weigh($atoms), $salt->molarMass, 1e-4 * $salt->molarMass);
        self::assertSame(
            0,
            array_sum(array_map(static fn(string $ion, int $count): int => $count * Ion::from($ion)->charge(), array_keys($salt->brings), $salt->brings)),
        );
        self::assertEqualsWithDelta(0.0, $salt->perGram()->imbalance(), 1e-9);
    }

    public function testTheCatalogueHasEverySaltOnceAndTurnsBicarbonateLast(): void
    {
        $salts = Salts::all();
        self::assertCount(16, $salts);
        $turn = static fn(string $key): int => Salts::get($key)->turn;
        self::assertSame(['gypsum'], array_keys(array_filter($salts, static fn(Salt $salt): bool => $salt->turn <= $turn('gypsum'))));
        foreach ($salts as $salt) {
            if ($salt->bringsIon(Ion::Calcium) && !$salt->bringsIon(Ion::Bicarbonate)) {
                self::assertLessThan($turn('soda'), $salt->turn);
                self::assertLessThan($turn('potassium_bicarbonate'), $salt->turn);
            }
        }
    }

    public function testMixingIsLinearAndNothingGoesBelowNothing(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        $some = static function () use ($chance): Ions {
            $amounts = [];
            foreach (Ion::cases() as $ion) {
                $amounts[$ion->value] = $chance->getInt(0, 400) / 100;
            }

            return Ions::millimoles($amounts);
        };
        for ($i = 0; $i < 50; ++$i) {
            [$a, $b, $t] = [$some(), $some(), $chance->getInt(0, 300) / 100];
            $sum = $a->plus($b, $t);
            self::assertEqualsWithDelta($a->hardness() + $t * $b->hardness(), $sum->hardness(), 1e-9);
            self::assertEqualsWithDelta($a->alkalinity() + $t * $b->alkalinity(), $sum->alkalinity(), 1e-9);
            self::assertEqualsWithDelta($a->cations() + $t * $b->cations(), $sum->cations(), 1e-9);
            self::assertEqualsWithDelta($a->anions() + $t * $b->anions(), $sum->anions(), 1e-9);
            self::assertEqualsWithDelta($t * $a->milligramsOf(Ion::Sulfate), $a->times($t)->milligramsOf(Ion::Sulfate), 1e-9);
            $less = $a->plus($b, -10.0);
            foreach (Ion::cases() as $ion) {
                self::assertGreaterThanOrEqual(0.0, $less->of($ion));
            }
        }
    }

    public function testDegreesAndRatioByHand(): void
    {
        // 40.078 mg/L calcium are 1 mmol/L; with as many mmol of magnesium 2 mmol/L, 11.2 degrees, and 40.078 to 24.305 by mass.
        $ions = Ions::milligrams(['Ca' => 40.078, 'Mg' => 24.305]);

        self::assertEqualsWithDelta(2.0, $ions->hardness(), 1e-9);
        self::assertEqualsWithDelta(2.0 * 5.6077, $ions->degreesOfHardness(), 1e-3);
        self::assertEqualsWithDelta(1.649, (float) $ions->calciumToMagnesium(), 1e-3);
        self::assertNull(Ions::milligrams(['Ca' => 40.0])->calciumToMagnesium());
        self::assertEqualsWithDelta(2.0, $ions->imbalance(), 1e-9);
        $this->expectException(WaterFault::class);
        Ions::millimoles(['Na' => -0.1]);
    }

    /** @param array<string, int> $atoms */
    private static function weigh(array $atoms): float
    {
        return array_sum(array_map(static fn(string $atom, int $count): float => $count * self::WEIGHTS[$atom], array_keys($atoms), $atoms));
    }
}
