<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\AcidKind;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\WaterFault;
use Cresco\Core\Water\WaterState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AcidTest extends TestCase
{
    /** @return iterable<string, array{AcidKind, float, float}> kind, percent by weight, meq in a mL as common tables of laboratory acids have it */
    public static function strengths(): iterable
    {
        yield 'hydrochloric, 10 %' => [AcidKind::Hydrochloric, 10.0, 2.87];
        yield 'hydrochloric, fuming' => [AcidKind::Hydrochloric, 37.0, 12.0];
        yield 'sulfuric, 10 %' => [AcidKind::Sulfuric, 10.0, 2.175];
        yield 'sulfuric, of batteries' => [AcidKind::Sulfuric, 37.0, 9.63];
        yield 'phosphoric, 10 %' => [AcidKind::Phosphoric, 10.0, 1.075];
        yield 'phosphoric, syrupy' => [AcidKind::Phosphoric, 85.0, 14.6];
    }

    #[DataProvider('strengths')]
    public function testAMillilitreHoldsWhatTheTablesSay(AcidKind $kind, float $percent, float $strength): void
    {
        self::assertEqualsWithDelta($strength, $kind->strength($percent), 0.01 * $strength);
        // It is its hydrogen ions that charge what it leaves: one each, two of sulfate.
        self::assertSame($kind->protons(), -$kind->leaves()->charge());
        self::assertEqualsWithDelta($kind->leaves()->molarMass() + $kind->protons() * 1.008, $kind->molarMass(), 0.01);
    }

    /** @return iterable<string, array{AcidKind, float}> */
    public static function noSolutions(): iterable
    {
        yield 'none' => [AcidKind::Hydrochloric, 0.0];
        yield 'below nothing' => [AcidKind::Sulfuric, -1.0];
        yield 'beyond what there is' => [AcidKind::Hydrochloric, 38.0];
        yield 'no number' => [AcidKind::Phosphoric, NAN];
    }

    #[DataProvider('noSolutions')]
    public function testThereIsNoSuchSolution(AcidKind $kind, float $percent): void
    {
        $this->expectException(WaterFault::class);
        $kind->strength($percent);
    }

    private static function water(float $alkalinity, float $ph, string $name = 'the water', float $conductivity = 300.0): WaterState
    {
        return new WaterState($name, [
            Parameter::CarbonateHardness->value => new ExactValue($alkalinity), Parameter::Acidity->value => new ExactValue($ph),
            Parameter::Temperature->value => new ExactValue(25.0), Parameter::Conductivity->value => new ExactValue($conductivity),
        ]);
    }

    private static function acidified(WaterState $tank, WaterState $water, float $acid, float $keeps = 0.7, float $comes = 0.3): Computation
    {
        return Carbonate::acidified($tank, $water, Unit::of(Parameter::CarbonateHardness, 'meq'), $acid, $keeps, $comes);
    }

    public function testAlkalinityGoesAndTheCarbonDioxideItFreesShowsInPh(): void
    {
        $working = self::acidified(self::water(1.8, 6.9, 'the tank'), self::water(2.4, 7.6), 1.0);
        self::assertEqualsWithDelta(1.4, 1000.0 * $working->value('alk_a'), 1e-9);
        // What was bicarbonate is carbon dioxide now: 44 mg for each meq, beside the few that were there.
        $before = Carbonate::carbonDioxide(7.6, 2.4, 25.0, 300.0);
        self::assertEqualsWithDelta(44.0 + $before, $working->value('gas'), 0.3);
        // pH by the first constant at 25 degrees (6.352) and the Davies equation at 4.8 mmol/L.
        $log = -0.509 * (sqrt(0.0048) / (1 + sqrt(0.0048)) - 0.3 * 0.0048);
        self::assertEqualsWithDelta(6.352 + log10(1.4 / ($working->value('gas') / 44.009)) + $log, $working->value('pH_a'), 0.01);
        // Left open it comes to rest with the air; KH stays gone.
        self::assertEqualsWithDelta(6.352 + log10(1.4 / (0.8 / 44.009)) + $log, $working->value('pH_air'), 0.02);
        self::assertGreaterThan(7.6, $working->value('pH_air'));
        // The tank: 0.7 of its own 1.8 and 0.3 of 1.4; next day at its own carbon dioxide.
        self::assertEqualsWithDelta(0.7 * 1.8 + 0.3 * 1.4, 1000.0 * $working->value('alk_m'), 1e-9);
        self::assertEqualsWithDelta(6.9 + log10(1.68 / 1.8), $working->value('pH_next'), 0.01);
        self::assertLessThan(6.9, $working->value('pH'));
    }

    public function testWithoutBufferItsOwnPhFallsSteeplyAndTheTankHardlyNotices(): void
    {
        // 0.5 meq in a litre of RO without buffer; 2 L of it top up 100 L at 4 degrees.
        $tank = self::water(1.4266, 7.0, 'the tank');
        $working = self::acidified($tank, self::water(0.0, 6.5, 'RO', 8.0), 0.5, 1.0, 0.02);
        self::assertEqualsWithDelta(-log10(0.5e-3), $working->value('pH_a'), 0.12);
        self::assertEqualsWithDelta(1.4266 - 0.02 * 0.5, 1000.0 * $working->value('alk_m'), 0.002);
        self::assertEqualsWithDelta(7.0, $working->value('pH_next'), 0.02);
    }

    /** @return iterable<string, array{float}> meq/L */
    public static function waters(): iterable
    {
        yield 'soft' => [0.9];
        yield 'middling' => [2.0];
        yield 'hard' => [5.5];
    }

    #[DataProvider('waters')]
    public function testWhatTheTankLosesIsTheAcidWhateverTheWaterWas(float $alkalinity): void
    {
        $tank = self::water(2.5, 7.1, 'the tank');
        $plain = self::acidified($tank, self::water($alkalinity, 7.4), 0.0);
        $last = [INF, INF, INF];
        foreach ([0.1, 0.4, 0.8] as $acid) {
            $working = self::acidified($tank, self::water($alkalinity, 7.4), $acid);
            self::assertEqualsWithDelta(0.3 * $acid, 1000.0 * ($plain->value('alk_m') - $working->value('alk_m')), 1e-9);
            $now = [$working->value('pH_a'), $working->value('pH'), $working->value('pH_next')];
            foreach ($now as $i => $ph) {
                self::assertLessThan($last[$i], $ph);
            }
            $last = $now;
        }
    }

    public function testAChangeWithTheTanksOwnWaterAndNoAcidMovesNothing(): void
    {
        $working = self::acidified(self::water(2.2, 7.2, 'the tank'), self::water(2.2, 7.2), 0.0);
        self::assertEqualsWithDelta([7.2, 7.2, 7.2], [$working->value('pH_a'), $working->value('pH'), $working->value('pH_next')], 1e-4);
    }

    public function testSharesThatAreNoneAreNamed(): void
    {
        foreach ([[-0.1, 0.5], [0.5, 1.5], [0.0, 0.0], [NAN, 0.1]] as [$keeps, $comes]) {
            try {
                self::acidified(self::water(2.2, 7.2), self::water(2.2, 7.2), 0.5, $keeps, $comes);
                self::fail('taken');
            } catch (WaterFault $fault) {
                self::assertStringContainsString('share', $fault->getMessage());
            }
        }
    }

    public function testTheAmountAndWhatItIsForEachLitreAreEachOthersReverse(): void
    {
        $degrees = Unit::of(Parameter::CarbonateHardness, 'degrees');
        // By hand: 3 degrees of 0.35665 meq in 30 L by 2.878 meq/mL.
        $dose = AcidKind::Hydrochloric->dose(10.0, 30.0, $degrees->toBase(5.5), $degrees->toBase(2.5), 99.0, $degrees);
        self::assertEqualsWithDelta(3.0 * 0.35665 * 30.0 / 2.878, $dose->value('v'), 0.01);
        self::assertEqualsWithDelta(3.0 * 0.35665, $dose->value('acid'), 1e-4);
        self::assertEqualsWithDelta(
            $dose->value('acid'),
            AcidKind::Hydrochloric->dose(10.0, 30.0, 1.0, null, $dose->value('v'), $degrees)->value('acid'),
            1e-9,
        );
        // A water that is softer already needs none.
        self::assertSame(0.0, AcidKind::Sulfuric->dose(10.0, 30.0, 0.5, 0.9, 0.0, $degrees)->value('v'));
        $this->expectException(WaterFault::class);
        AcidKind::Sulfuric->dose(10.0, 0.0, 0.5, 0.1, 0.0, $degrees);
    }
}
