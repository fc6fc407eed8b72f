<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\IonAnalysis;
use Cresco\Core\Water\Ions;
use Cresco\Core\Water\WaterFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AnalysisTest extends TestCase
{
    private const WHOLE = ['Ca' => 80.0, 'Mg' => 12.0, 'Na' => 20.3, 'K' => 3.0, 'HCO3' => 213.1, 'Cl' => 43.0, 'SO4' => 50.0, 'NO3' => 12.0];

    public function testAWholeAnalysisIsTakenAsItIs(): void
    {
        $analysis = IonAnalysis::complete(self::WHOLE, null, null, Conductance::of(Ions::milligrams(self::WHOLE))->microsiemens);

        self::assertSame([], $analysis->assumptions);
        self::assertFalse($analysis->isBad);
        self::assertEqualsWithDelta(0.0, (float) $analysis->misfit, 1e-6);
        self::assertEqualsWithDelta(80.0, $analysis->ions->milligramsOf(Ion::Calcium), 1e-9);
    }

    /** @return iterable<string, array{list<string>, float}> ions left out, and how far any of them may come back, mmol/L */
    public static function gaps(): iterable
    {
        yield 'chloride is found from the charges' => [['Cl'], 0.03];
        yield 'sodium is found from the charges' => [['Na', 'K'], 0.08];
        yield 'chloride and sodium are found from charges and conductivity' => [['Cl', 'Na'], 0.12];
        yield 'chloride and sulfate share what is missing' => [['Cl', 'SO4'], 0.45];
    }

    /** @param list<string> $without */
    #[DataProvider('gaps')]
    public function testWhatIsMissingIsCompletedAndSaid(array $without, float $within): void
    {
        $known = array_diff_key(self::WHOLE, array_flip($without));
        $whole = Ions::milligrams(self::WHOLE);
        $measured = Conductance::of($whole)->microsiemens;
        $analysis = IonAnalysis::complete($known, null, null, $measured);

        self::assertNotSame([], $analysis->assumptions);
        self::assertFalse($analysis->isBad);
        self::assertEqualsWithDelta(0.0, $analysis->ions->imbalance(), 0.01);
        self::assertEqualsWithDelta($measured, Conductance::of($analysis->ions)->microsiemens, 0.06 * $measured);
        foreach ($without as $name) {
            self::assertEqualsWithDelta($whole->of(Ion::from($name)), $analysis->ions->of(Ion::from($name)), $within, $name);
        }
    }

    public function testThreeReadingsMakeAWaterThatConductsAsItWasRead(): void
    {
        $analysis = IonAnalysis::complete([], Hardness::fromDegrees(10.0)->millimolePerLitre, Alkalinity::fromDegrees(6.0)->milliequivalentPerLitre, 430.0);

        self::assertEqualsWithDelta(10.0, $analysis->ions->degreesOfHardness(), 1e-6);
        self::assertEqualsWithDelta(6.0 * 0.356650, $analysis->ions->alkalinity(), 1e-4);
        self::assertEqualsWithDelta(430.0, Conductance::of($analysis->ions)->microsiemens, 1.0);
        self::assertEqualsWithDelta(0.0, $analysis->ions->imbalance(), 1e-6);
        self::assertGreaterThan(0.0, $analysis->spreads['Ca']);
    }

    public function testABadBalanceIsShownNotMended(): void
    {
        $analysis = IonAnalysis::complete(['Ca' => 10.0, 'Cl' => 10.0] + self::WHOLE, null, null, null);

        // 0.499 + 0.988 + 0.883 + 0.077 cations against 3.493 + 0.282 + 1.041 + 0.194 anions.
        self::assertTrue($analysis->isBad);
        self::assertEqualsWithDelta(2.0 * (2.447 - 5.010) / (2.447 + 5.010), $analysis->imbalance, 0.002);
    }

    public function testAConductivityThatTheIonsCannotGiveIsShown(): void
    {
        $analysis = IonAnalysis::complete(self::WHOLE, null, null, 300.0);

        self::assertTrue($analysis->isBad);
        self::assertGreaterThan(0.5, (float) $analysis->misfit);
    }

    public function testSoftenedWaterHasItsSodiumFromTheCharges(): void
    {
        // No hardness left, 11 dKH: the charges can only be sodium.
        $analysis = IonAnalysis::complete([], 0.0, Alkalinity::fromDegrees(11.0)->milliequivalentPerLitre, 400.0);

        self::assertGreaterThan(3.9, $analysis->ions->of(Ion::Sodium));
    }

    public function testAHardnessBelowItsCalciumIsRefused(): void
    {
        $this->expectException(WaterFault::class);
        IonAnalysis::complete(['Ca' => 80.0], 1.0, null, null);
    }

    public function testAnEmptyAnalysisIsPureWater(): void
    {
        self::assertSame(0.0, Conductance::of(IonAnalysis::complete([], null, null, null)->ions)->microsiemens);
    }
}
