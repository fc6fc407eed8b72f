<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use Cresco\Core\Diagnosis\AlgaeFault;
use Cresco\Core\Diagnosis\DieOff;
use Cresco\Core\Diagnosis\FindingKind;
use Cresco\Core\Diagnosis\Grazer;
use Cresco\Core\Diagnosis\LightStep;
use Cresco\Core\Diagnosis\Remedy;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Inhabitants;
use Cresco\Core\Tank\Needs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DieOffTest extends TestCase
{
    public function testAHundredGramsTakeNineGramsOfOxygenWhereSixtyLitresHoldHalfAGram(): void
    {
        $oxygen = (new DieOff(FindingKind::Alga, 100.0, 60.0, 1.5, true))->oxygen();
        self::assertEqualsWithDelta(9.1, $oxygen->value('O2'), 1e-9);
        self::assertEqualsWithDelta(0.5, $oxygen->value('held'), 0.01);
    }

    public function testAmmoniumByHand(): void
    {
        // 100 g x 0.07 x 4 % = 0.28 g N, half of it 140 mg; in 60 L as NH4 140 x 18.04 / 14.007 / 60 = 3.005 mg/L.
        self::assertEqualsWithDelta(3.005, (new DieOff(FindingKind::Alga, 100.0, 60.0, 1.5, false))->ammonium()->value('NH4'), 0.003);
        // A settled filter takes 2 d x 0.75 x 1.5 mg/L x 0.2259 x 60 L = 30.5 mg of N of it.
        self::assertEqualsWithDelta((140.0 - 30.5) * 1.2879 / 60.0, (new DieOff(FindingKind::Alga, 100.0, 60.0, 1.5, true))->ammonium()->value('NH4'), 0.003);
        // Sheets of bacteria hold more: 10 % dry, 8 % of that nitrogen.
        self::assertEqualsWithDelta(400.0 * 1.2879 / 60.0, (new DieOff(FindingKind::Bacteria, 100.0, 60.0, 0.0, false))->ammonium()->value('NH4'), 0.01);
        self::assertSame(0.0, (new DieOff(FindingKind::Alga, 5.0, 100.0, 3.0, true))->ammonium()->value('NH4'));
    }

    public function testWithTheGasOffTheWaterComesToTheHighestPh(): void
    {
        // 4 dKH = 1.426 meq/L, 0.8 mg/L of CO2, pK1 6.35 at 25 degrees: 6.35 + log10(1.426e-3 / 1.818e-5) = 8.25.
        self::assertEqualsWithDelta(8.25, DieOff::highestPh(1.426, 25.0), 0.02);
        self::assertEqualsWithDelta(log10(2.0), DieOff::highestPh(2.0, 25.0) - DieOff::highestPh(1.0, 25.0), 1e-9);
    }

    public function testTheSeriesIsSizedFromTheMassThatDies(): void
    {
        $mild = new DieOff(FindingKind::Alga, 10.0, 100.0, 1.5, true);
        self::assertSame(0, $mild->changes(0.02, 0.4, 1.4, 25.0));
        $much = new DieOff(FindingKind::Alga, 60.0, 100.0, 0.0, false);
        // 84 mg N: 1.08 mg/L NH4, at pH 8.24 about 9 % free: 0.0777 mg/L of N, may be 2.5 times that.
        $worst = $much->freeAmmonia(1.4, 25.0)->value('NH3_N');
        self::assertEqualsWithDelta(0.19, $worst, 0.02);
        $changes = $much->changes(0.05, 0.4, 1.4, 25.0);
        self::assertNotNull($changes);
        self::assertLessThanOrEqual(0.05, $worst * 0.6 ** $changes);
        self::assertGreaterThan(0.05, $worst * 0.6 ** ($changes - 1));
        self::assertNull((new DieOff(FindingKind::Bacteria, 400.0, 60.0, 0.0, false))->changes(0.02, 0.3, 1.4, 25.0));
    }

    /** @return iterable<string, array{float, float|null}> */
    public static function hours(): iterable
    {
        yield 'ten' => [10.0, 8.0];
        yield 'nine, to the half hour below' => [9.0, 7.0];
        yield 'never under five' => [6.0, 5.0];
        yield 'short already' => [5.0, null];
        yield 'none' => [0.0, null];
    }

    #[DataProvider('hours')]
    public function testLightGoesBackByAFifthOnTheStepsOfATimer(float $now, ?float $next): void
    {
        self::assertSame($next, LightStep::hours($now));
    }

    public function testGrazersFitOrItIsSaidWhatSpeaksAgainstThem(): void
    {
        self::assertSame([], Grazer::BrushShrimp->against(120.0, 24.0, 6.0, new Needs(AnimalGroup::Community)));
        self::assertSame(['litres', 'warm', 'soft'], Grazer::BrushShrimp->against(40.0, 28.0, 2.0, new Needs(AnimalGroup::Community)));
        self::assertSame(['animals'], Grazer::Otocinclus->against(80.0, 24.0, 6.0, new Needs(AnimalGroup::HardyShrimp)));
        self::assertSame(['cold', 'animals'], Grazer::Otocinclus->against(80.0, 20.0, null, new Needs(AnimalGroup::HardWaterFish)));
        $withPredator = new Needs(AnimalGroup::Community, living: new Inhabitants(eatsShrimp: true));
        self::assertSame(['animals'], Grazer::BrushShrimp->against(120.0, 24.0, 6.0, $withPredator));
        self::assertSame(['animals'], Grazer::DwarfShrimp->against(120.0, 24.0, 6.0, $withPredator));
        self::assertSame([], Grazer::Otocinclus->against(120.0, 24.0, 6.0, $withPredator));
        self::assertContains(Grazer::BrushShrimp, Grazer::takers('thread'));
        self::assertSame([], Grazer::takers('cyanobacteria'));
    }

    public function testEveryRemedyLeadsToAnotherAndNeverInAShortCircle(): void
    {
        foreach (Remedy::cases() as $remedy) {
            foreach ([new Inhabitants(), new Inhabitants(fry: true)] as $living) {
                $needs = new Needs(AnimalGroup::Community, living: $living);
                self::assertNotSame($remedy, $remedy->instead($needs));
                self::assertNotSame($remedy, $remedy->instead($needs)->instead($needs));
                self::assertTrue($remedy->instead($needs)->suits($needs));
            }
            self::assertGreaterThan(2, $remedy->days());
        }
    }

    public function testNonsenseIsNamed(): void
    {
        foreach ([
            static fn() => new DieOff(FindingKind::Alga, -1.0, 60.0, 1.0, true), static fn() => DieOff::highestPh(0.0, 25.0),
            static fn() => LightStep::hours(25.0), static fn() => Grazer::RamsHorn->against(NAN, 25.0, null, new Needs(AnimalGroup::Community)),
            static fn() => (new DieOff(FindingKind::Alga, 1.0, 60.0, 1.0, true))->changes(0.02, 1.0, 1.0, 25.0),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('It passed.');
            } catch (AlgaeFault $fault) {
                self::assertNotSame('', $fault->getMessage());
            }
        }
    }
}
