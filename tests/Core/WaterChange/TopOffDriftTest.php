<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\SwingLimits;
use Cresco\Core\WaterChange\Conditioner;
use Cresco\Core\WaterChange\Dilution;
use Cresco\Core\WaterChange\Passage;
use Cresco\Core\WaterChange\TopOffDrift;
use Cresco\Core\WaterChange\WaterChangeFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class TopOffDriftTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function rows(): iterable
    {
        foreach (Data::rows('steady') as $i => $row) {
            if ($row->text('kind') === 'salt creep under top-up') {
                yield $i.' '.$row->text('kind') => [$row];
            }
        }
    }

    #[DataProvider('rows')]
    public function testItSettlesWhereTheMassBalanceSays(Row $row): void
    {
        $g = static fn(string $field): float => $row->number('given.'.$field);
        $e = static fn(string $field): float => $row->number('expected.'.$field);
        $evaporation = TopOffDrift::evaporation($g('evaporation_mm_per_day'), $g('surface_cm2'));
        $creep = new TopOffDrift($g('tank_L'), $evaporation, $g('top_up_dGH'), $g('change_source_dGH'), $g('fraction'), $g('days_between'));
        $working = $creep->working('°');
        self::assertEqualsWithDelta($e('evaporation_L_per_day'), $evaporation, 1e-9);
        self::assertEqualsWithDelta($e('rise_dGH_per_day'), $working->value('rise'), 1e-6);
        self::assertEqualsWithDelta($e('peak_before_change_dGH'), $working->value('peak'), 0.002);
        self::assertEqualsWithDelta($e('trough_after_change_dGH'), $working->value('trough'), 0.002);
        $without = new TopOffDrift($g('tank_L'), $evaporation, $g('top_up_dGH'), 0.0, 0.0, 7.0);
        self::assertEqualsWithDelta($e('rise_in_180_days_without_changes_dGH'), $without->course(0.0, 180)[180], 0.002);
    }

    public function testYearsDayByDayEndWhereTheFormulaSays(): void
    {
        $creep = new TopOffDrift(110.0, 1.28, 12.0, 12.0, 0.3, 7.0);
        $course = $creep->course(12.0, 7 * 200);

        self::assertEqualsWithDelta($creep->working('°')->value('trough'), $course[7 * 200], 1e-6);
        self::assertEqualsWithDelta($creep->working('°')->value('peak'), $course[7 * 200 - 1] + 1.28 * 12.0 / 110.0, 1e-6);
    }

    public function testEvaporationIsLearnedFromTheTopUps(): void
    {
        // 2000 cm2 at 3 mm are 0.6 L a day; 60 days at 1 L outweigh the 14 of the default.
        $learned = TopOffDrift::learned(2000.0, array_map(static fn(int $i): array => [3.0, 3.0, 3.0 * $i], range(1, 20)));

        self::assertSame([0.6, 0], [TopOffDrift::learned(2000.0, [])->value, TopOffDrift::learned(2000.0, [])->count]);
        self::assertEqualsWithDelta((14 * 0.6 + 60.0) / 74.0, $learned->value, 1e-9);
        self::assertEqualsWithDelta(0.6 * 0.6 / sqrt(74.0), $learned->spread, 1e-9);
        self::assertSame(20, $learned->count);
        // A bucket that was a change, written down as a top-off, is left out.
        $seen = array_map(static fn(int $i): array => [3.0, $i === 7 ? 30.0 : 3.0, 3.0 * $i], range(1, 20));
        self::assertSame([21.0], TopOffDrift::learned(2000.0, $seen)->aside);
        self::assertEqualsWithDelta((14 * 0.6 + 57.0) / 71.0, TopOffDrift::learned(2000.0, $seen)->value, 1e-9);
    }

    public function testTheCorrectiveWaterLandsTheTankOnItsAim(): void
    {
        $water = Dilution::corrective(8.0, 6.0, 0.4);

        self::assertEqualsWithDelta(6.0, 0.6 * 8.0 + 0.4 * $water, 1e-9);
        self::assertEqualsWithDelta(3.0, $water, 1e-9);
        self::assertLessThan(0.0, Dilution::corrective(20.0, 4.0, 0.2));
    }

    public function testNoWaterOnTheWayIsThinnerThanItsHardnessAllows(): void
    {
        $ec = Parameter::Conductivity->value;
        // S of EC = S (1 - 0.0056 sqrt S), by going round.
        $strength = static function (float $conductivity): float {
            $strength = $conductivity;
            for ($round = 0; $round < 60; ++$round) {
                $strength = $conductivity / (1.0 - 0.0056 * sqrt($strength));
            }

            return $strength;
        };
        $passage = Passage::plan([$ec => 300.0], [$ec => 215.0], 0.25, SwingLimits::ofSensitive(), [], [$ec => 180.0]);
        foreach ($passage->waters as $i => $water) {
            self::assertGreaterThanOrEqual(180.0 - 1e-9, $water[$ec]);
            // By strength.
            self::assertEqualsWithDelta(
                $strength($passage->states[$i + 1][$ec]),
                0.75 * $strength($passage->states[$i][$ec]) + 0.25 * $strength($water[$ec]),
                1e-4,
            );
        }
        // Without an end below, the first change would take water of (S(0.85 * 300) - 0.75 * S(300)) / 0.25, halved to; a straight mix would take 120.
        self::assertEqualsWithDelta(115.464, Passage::plan([$ec => 300.0], [$ec => 215.0], 0.25, SwingLimits::ofSensitive())->waters[0][$ec], 1e-3);
    }

    /** @return iterable<string, array{float, float, float}> dGH of the tank, aim, fraction */
    public static function ways(): iterable
    {
        yield 'down in small steps' => [14.0, 5.0, 0.2];
        yield 'up in small steps' => [4.0, 10.0, 0.3];
        yield 'at once' => [6.0, 5.0, 0.5];
        yield 'down to nearly nothing' => [10.0, 0.5, 0.25];
    }

    #[DataProvider('ways')]
    public function testThePassageArrivesWithinTheLimitsAndEveryWaterCanBeHad(float $from, float $to, float $fraction): void
    {
        $unit = 10.0 / 56.077;
        $limits = SwingLimits::ofSensitive();
        $gh = Parameter::GeneralHardness->value;
        $passage = Passage::plan([$gh => $from * $unit], [$gh => $to * $unit], $fraction, $limits);
        foreach ($passage->waters as $i => $water) {
            self::assertGreaterThanOrEqual(0.0, $water[$gh]);
            self::assertEqualsWithDelta($passage->states[$i + 1][$gh], (1.0 - $fraction) * $passage->states[$i][$gh] + $fraction * $water[$gh], 1e-9);
            self::assertLessThanOrEqual(2.0 * $unit + 1e-9, abs($passage->states[$i + 1][$gh] - $passage->states[$i][$gh]));
        }
        self::assertEqualsWithDelta($to * $unit, $passage->states[$passage->count()][$gh], 2e-3 * $to * $unit + 1e-5);
        // No shorter series of this size could: each step moves at most the limit, and down at most the fraction.
        self::assertGreaterThanOrEqual((int) ceil(abs($from - $to) / 2.0 - 1e-6), $passage->count());
    }

    public function testAPassageThatNoWaterCanMakeIsRefused(): void
    {
        $this->expectException(WaterChangeFault::class);
        Passage::plan(
            [Parameter::GeneralHardness->value => 1.0],
            [Parameter::GeneralHardness->value => 3.0],
            0.3,
            SwingLimits::ofOthers(),
            [Parameter::GeneralHardness->value => 2.0],
        );
    }

    public function testConditionerIsDosedByLabelAndChlorine(): void
    {
        $conditioner = new Conditioner(10.0, 40.0, 2.0);

        self::assertEqualsWithDelta(5.0, $conditioner->dose(20.0, 0.5)->value('dose'), 1e-9);
        self::assertEqualsWithDelta(10.0, $conditioner->dose(20.0, 4.0)->value('dose'), 1e-9);
        self::assertTrue($conditioner->isOverdose(30.0, 20.0));
        self::assertFalse($conditioner->isOverdose(20.0, 20.0));
        // 2 mg/L of chlorine in chloramine leave 2 / 70.90 mmol of nitrogen: 0.395 mg/L.
        self::assertEqualsWithDelta(0.395, Conditioner::ammoniaFromChloramine(2.0), 0.001);
    }

    public function testALabelWithoutAVolumeIsRefused(): void
    {
        $this->expectException(WaterChangeFault::class);
        new Conditioner(5.0, 0.0, 1.0);
    }

    /** @return iterable<string, array{float}> degrees a day */
    public static function passives(): iterable
    {
        yield 'shell' => [0.1];
        yield 'soil' => [-0.1];
        yield 'soil that takes all there is' => [-1.5];
    }

    #[DataProvider('passives')]
    public function testBedAndStonesMoveWhereItSettles(float $passive): void
    {
        $creep = new TopOffDrift(110.0, 1.1, 2.0, 6.0, 0.25, 7.0, $passive);
        $working = $creep->working('°');
        // By hand: 1.1 L a day of 2 degrees into 110 L is 0.02 a day.
        self::assertEqualsWithDelta(0.02 + $passive, $working->value('rise'), 1e-12);
        $course = $creep->course(6.0, 7 * 120);
        self::assertEqualsWithDelta($working->value('trough'), $course[7 * 120], 1e-6);
        self::assertEqualsWithDelta($working->value('peak'), $course[7 * 120 - 1] + (0.02 + $passive > -1.0 ? 0.02 + $passive : 0.0), 1e-6);
        self::assertGreaterThanOrEqual(0.0, min($course));
        self::assertEqualsWithDelta($passive, $creep->withPureWater()->working('°')->value('rise'), 1e-12);
    }

    public function testJugsThatFollowEachOtherAreOneTopUp(): void
    {
        // Two jugs in the morning of the first day, one on the fifth, three within an hour on the tenth.
        $jugs = [[0.0, 1.0], [0.1, 1.0], [5.0, 3.0], [10.0, 2.0], [10.02, 1.5], [10.04, 0.5]];
        self::assertSame([[5.0, 3.0, 5.0], [5.0, 4.0, 10.0]], TopOffDrift::spells($jugs));
        self::assertSame([], TopOffDrift::spells([[0.0, 1.0], [0.2, 1.0]]));
        self::assertSame([], TopOffDrift::spells([]));
        // Poured in three jugs instead of one a tank loses no more.
        $one = TopOffDrift::learned(2000.0, TopOffDrift::spells([[0.0, 3.0], [5.0, 3.0], [10.0, 3.0], [15.0, 3.0]]));
        $three = TopOffDrift::learned(2000.0, TopOffDrift::spells([[0.0, 3.0], [5.0, 1.0], [5.01, 1.0], [5.02, 1.0], [10.0, 3.0], [15.0, 1.5], [15.1, 1.5]]));
        self::assertEqualsWithDelta($one->value, $three->value, 1e-9);
    }
}
