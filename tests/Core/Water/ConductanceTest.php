<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class ConductanceTest extends TestCase
{
    /** Ions for one equivalent of each salt, in mmol for a meq. */
    private const SALTS = [
        'KCl' => ['K' => 1.0, 'Cl' => 1.0],
        'CaCl2' => ['Ca' => 0.5, 'Cl' => 1.0],
        'MgCl2' => ['Mg' => 0.5, 'Cl' => 1.0],
        'Na2SO4' => ['Na' => 1.0, 'SO4' => 0.5],
    ];

    /** @return iterable<string, array{string, float, float, float}> */
    public static function published(): iterable
    {
        $percent = Data::file('conductivity')['tolerance_percent'];
        foreach (Data::rows('conductivity') as $row) {
            foreach ($row->rows('points') as $point) {
                [$equivalents, $value] = [$point->number('0'), $point->number('1')];
                yield $row->text('salt').' '.$equivalents => [$row->text('salt'), $equivalents, $value, is_numeric($percent) ? (float) $percent : 0.0];
            }
        }
    }

    #[DataProvider('published')]
    public function testASingleSaltConductsAsPublished(string $salt, float $equivalents, float $value, float $percent): void
    {
        $ions = Ions::millimoles(array_map(static fn(float $each): float => $each * 1000.0 * $equivalents, self::SALTS[$salt]));

        self::assertEqualsWithDelta($value, Conductance::of($ions)->microsiemens / $equivalents / 1000.0, $percent / 100.0 * $value);
    }

    public function testMagnesiumSulfateIsHeldBackByItsPairs(): void
    {
        // 0.01 eq/L: without pairs and drag it would be 133 S cm2/eq; about 81 is left, within 5 %.
        $each = Conductance::of(Ions::millimoles(['Mg' => 5.0, 'SO4' => 5.0]))->microsiemens / 10.0;

        self::assertEqualsWithDelta(81.2, $each, 0.05 * 81.2);
    }

    /** @return iterable<string, array{Row}> */
    public static function reconstituted(): iterable
    {
        foreach (Data::rows('test-waters') as $row) {
            yield $row->text('name') => [$row];
        }
    }

    #[DataProvider('reconstituted')]
    public function testAReconstitutedWaterHasItsPublishedHardnessAndAlkalinity(Row $row): void
    {
        // mg/L over g/mol, by hand: calcium from gypsum, magnesium from the anhydrous sulfate, alkalinity from bicarbonate.
        [$soda, $gypsum, $magnesium, $potassium] = [
            $row->number('NaHCO3') / 84.007, $row->number('CaSO4%2E2H2O') / 172.171, $row->number('MgSO4') / 120.367, $row->number('KCl') / 74.551,
        ];
        $water = Ions::millimoles([
            'Na' => $soda, 'HCO3' => $soda, 'Ca' => $gypsum, 'Mg' => $magnesium, 'SO4' => $gypsum + $magnesium, 'K' => $potassium, 'Cl' => $potassium,
        ]);
        [$low, $high] = $row->numbers('hardness');

        self::assertThat(100.087 * $water->hardness(), self::logicalAnd(self::greaterThanOrEqual($low), self::lessThanOrEqual($high)));
        self::assertEqualsWithDelta(0.0, $water->imbalance(), 1e-9);
        if ($row->has('alkalinity')) {
            [$low, $high] = $row->numbers('alkalinity');
            self::assertThat(50.043 * $water->alkalinity(), self::logicalAnd(self::greaterThanOrEqual($low), self::lessThanOrEqual($high)));
        }
    }

    public function testTheConductivityIsTheSumOfWhatEachIonBrings(): void
    {
        $water = Ions::milligrams(['Ca' => 80.0, 'Mg' => 12.0, 'Na' => 20.0, 'K' => 3.0, 'HCO3' => 220.0, 'Cl' => 40.0, 'SO4' => 50.0, 'NO3' => 12.0]);
        $conductance = Conductance::of($water);

        self::assertEqualsWithDelta($conductance->microsiemens, $conductance->partOf($water), 1e-9);
        self::assertEqualsWithDelta($conductance->microsiemens, $conductance->working($water)->estimate()->central(), 0.05);
    }

    public function testMixingHalfWithPureWaterLeavesMoreThanHalfOfTheConductivity(): void
    {
        $water = Ions::milligrams(['Ca' => 120.0, 'Mg' => 20.0, 'HCO3' => 200.0, 'Cl' => 60.0, 'SO4' => 140.0]);
        $full = Conductance::of($water)->microsiemens;
        $half = Conductance::of($water->times(0.5))->microsiemens;

        self::assertGreaterThan(0.5 * $full, $half);
        self::assertLessThan(0.58 * $full, $half);
    }

    public function testPureWaterConductsNothingAndAnAmountBelowNothingIsRefused(): void
    {
        self::assertSame(0.0, Conductance::of(Ions::none())->microsiemens);

        $this->expectExceptionMessage('water.amount {"what":"Ca"}');
        Ions::millimoles([Ion::Calcium->value => -0.1]);
    }
}
