<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class CarbonateTest extends TestCase
{
    public function testConstantsAreAsPublished(): void
    {
        $table = Row::of(Data::file('carbonate-and-ammonia'));
        foreach ($table->rows('carbonate.rows') as $row) {
            [$celsius, $pk1, $pk2, $pkh] = [$row->number('0'), $row->number('1'), $row->number('2'), $row->number('3')];
            $ours = Carbonate::constants($celsius);
            self::assertEqualsWithDelta($pk1, -log10($ours['K1']), 0.002);
            self::assertEqualsWithDelta($pk2, -log10($ours['K2']), 0.002);
            self::assertEqualsWithDelta($pkh, -log10($ours['KH']), 0.002);
        }
    }

    public function testWaterIsNeutralAtSevenAndTwentyFiveDegrees(): void
    {
        self::assertEqualsWithDelta(13.995, -log10(Carbonate::constants(25)['Kw']), 0.01);
    }

    public function testFreeAmmoniaIsAsPublished(): void
    {
        $table = Row::of(Data::file('carbonate-and-ammonia'));
        foreach ($table->rows('free_ammonia_percent.rows') as $row) {
            $percent = $row->number('2');
            self::assertEqualsWithDelta($percent, 100 * Ammonia::freeShare($row->number('0'), $row->number('1')), 0.01 * $percent);
        }
    }

    public function testHalfAMilligramOfAmmoniumAtPhEight(): void
    {
        $free = Ammonia::free('x', new ExactValue(0.5), new ExactValue(8.0), new ExactValue(25.0));

        // 0.5 mg/L NH4 is 0.388 mg/L N, of which 5.366 % are free.
        self::assertEqualsWithDelta(0.388 * 0.05366, $free->value('NH3_N'), 0.0003);
    }

    /** @return iterable<string, array{Row}> */
    public static function mixtures(): iterable
    {
        foreach (Data::rows('mixing-ph') as $row) {
            yield $row->text('name') => [$row];
        }
    }

    private static function water(Row $row, string $which): WaterState
    {
        return self::state(
            $which,
            $row->number($which.'.pH'),
            $row->number($which.'.alkalinity_dKH'),
            $row->number($which.'.degC'),
            $row->number($which.'.EC_uS_cm'),
        );
    }

    private static function state(string $name, float $ph, float $degrees, float $celsius = 25.0, float $conductivity = 300.0, float $spread = 0.0): WaterState
    {
        return new WaterState($name, [
            Parameter::Acidity->value => new NormalValue($ph, $spread),
            Parameter::CarbonateHardness->value => new ExactValue(Alkalinity::fromDegrees($degrees)->milliequivalentPerLitre),
            Parameter::Temperature->value => new ExactValue($celsius),
            Parameter::Conductivity->value => new ExactValue($conductivity),
        ]);
    }

    private static function mix(WaterState $tank, WaterState $source, float $share): Computation
    {
        return Carbonate::settled(Carbonate::mixed(
            'pH',
            $tank,
            $source,
            Unit::usual(Parameter::CarbonateHardness),
            static fn(Computation $c) => $c->given('f', 'share', $share, ''),
        ));
    }

    #[DataProvider('mixtures')]
    public function testTheMixtureComesOutAsTwoOtherSolversHaveIt(Row $row): void
    {
        $mixed = self::mix(self::water($row, 'tank'), self::water($row, 'source'), $row->number('fraction_changed'));
        $carbon = 1000 * Carbonate::CARBON_DIOXIDE;

        // In soft water other buffers widen the band; its middle stays where two other solvers have it.
        self::assertEqualsWithDelta($row->number('expected.pH_right_after'), $mixed->value('pH'), 0.002);
        self::assertEqualsWithDelta($row->number('expected.pH_back_at_former_CO2'), $mixed->value('pH_next'), 0.002);
        self::assertEqualsWithDelta(
            $row->number('expected.CO2_tank_before_mg_L'),
            $mixed->value('CO2_t') * $carbon,
            0.002 * $row->number('expected.CO2_tank_before_mg_L'),
        );
        self::assertEqualsWithDelta(
            $row->number('expected.CO2_source_mg_L'),
            $mixed->value('CO2_s') * $carbon,
            0.002 * $row->number('expected.CO2_source_mg_L'),
        );
        self::assertEqualsWithDelta(
            $row->number('expected.total_inorganic_carbon_mmol_L'),
            1000 * $mixed->value('DIC_m'),
            0.002 * $row->number('expected.total_inorganic_carbon_mmol_L'),
        );
        self::assertEqualsWithDelta(
            $row->number('expected.alkalinity_dKH'),
            Alkalinity::fromMilliequivalentPerLitre(1000 * $mixed->value('alk_m'))->degrees(),
            0.005 * $row->number('expected.alkalinity_dKH'),
        );
    }

    public function testPhMovesByTheRatioOfHardnessOnceCarbonDioxideIsBack(): void
    {
        $mixed = self::mix(self::state('tank', 6.8, 4.0), self::state('source', 7.6, 8.0), 0.5);

        self::assertEqualsWithDelta(6.8 + log10(6.0 / 4.0), $mixed->value('pH_next'), 0.01);
    }

    public function testTheRuleOfThumbForCarbonDioxideHolds(): void
    {
        // About 3 KH 10^(7-pH) mg/L.
        self::assertEqualsWithDelta(
            3 * 4 * 10 ** (7 - 6.8),
            Carbonate::carbonDioxide(6.8, Alkalinity::fromDegrees(4)->milliequivalentPerLitre, 25, 250),
            0.12 * 19.0,
        );
    }

    public function testASpreadOfTheReadingIsASpreadOfThePh(): void
    {
        $sharp = self::mix(self::state('tank', 6.8, 4.0), self::state('source', 7.4, 4.0), 0.2)->estimate('pH');
        $vague = self::mix(self::state('tank', 6.8, 4.0, spread: 0.1), self::state('source', 7.4, 4.0), 0.2)->estimate('pH');

        self::assertEqualsWithDelta(0.0, $sharp->spread(), 1e-9);
        self::assertGreaterThan(0.06, $vague->spread());
        self::assertLessThan(0.1, $vague->spread());
    }

    /** @return iterable<string, array{float, float}> pH, degrees */
    public static function softWaters(): iterable
    {
        foreach ([2.0, 3.5, 5.2, 6.2, 7.5, 9.0, 12.0] as $ph) {
            foreach ([0.0, 0.3, 1.0, 1.8, 4.0, 12.0] as $degrees) {
                yield "pH $ph at $degrees" => [$ph, $degrees];
            }
        }
    }

    #[DataProvider('softWaters')]
    public function testNoWaterAtAllMovesNoPhHoweverSoft(float $ph, float $degrees): void
    {
        $still = self::mix(self::state('tank', $ph, $degrees, spread: 0.05), self::state('source', 7.4, 4.0, spread: 0.05), 0.0);
        // Next day carbon dioxide is a tenth more or less: where it is all that moves pH, by the logarithm of that to the base of ten.
        foreach (['pH' => 0.0, 'pH_next' => 0.1 / M_LN10] as $when => $most) {
            $after = $still->estimate($when);
            self::assertEqualsWithDelta($ph, $after->central(), 1e-3);
            foreach ([$ph - $after->low(), $after->high() - $ph] as $reach) {
                self::assertGreaterThan(1.2816 * 0.05 - 0.01, $reach);
                self::assertLessThan(1.2816 * hypot(0.05, $most) + 0.012, $reach);
            }
        }
    }

    #[DataProvider('softWaters')]
    public function testEveryPhThatMayBeTypedHasAnAnswerWithEveryOther(float $ph, float $degrees): void
    {
        foreach ([2.0, 7.4, 12.0] as $other) {
            foreach ([0.1, 0.5, 1.0] as $share) {
                $mixed = self::mix(self::state('tank', $ph, $degrees, spread: 0.05), self::state('source', $other, 4.0, spread: 0.05), $share);
                foreach (['pH', 'pH_next'] as $when) {
                    self::assertGreaterThanOrEqual(1.0, $mixed->estimate($when)->quantile(0.0));
                    self::assertLessThanOrEqual(13.0, $mixed->estimate($when)->quantile(1.0));
                }
                // All of it new: the pH of the source, whatever the tank was.
                if ($share === 1.0) {
                    self::assertEqualsWithDelta($other, $mixed->value('pH'), 1e-3);
                }
            }
        }
    }

    #[DataProvider('softWaters')]
    public function testEachCaseOfAMixtureSolvesItsOwnEquation(float $ph, float $degrees): void
    {
        $mixed = self::mix(self::state('tank', $ph, $degrees, spread: 0.3), self::state('source', 7.4, 3.0, spread: 0.3), 0.4);
        // One input at a time, moved by its spread, solved alone by halving: it must lie within the band of all cases.
        foreach ([-1.0, 1.0] as $sign) {
            $alone = $mixed->at(['pH_t' => $ph + $sign * 0.3], 'pH');
            self::assertGreaterThanOrEqual($mixed->estimate('pH')->quantile(0.0) - 0.01, $alone);
            self::assertLessThanOrEqual($mixed->estimate('pH')->quantile(1.0) + 0.01, $alone);
        }
    }

    public function testASoilTankWithWaterLikeItsOwnStaysWhereItIs(): void
    {
        $drop = Alkalinity::fromDegrees(1.0)->milliequivalentPerLitre;
        $water = static fn(string $name): WaterState => self::state($name, 6.2, 0.0, spread: 0.05)
            ->with(Parameter::CarbonateHardness, TestResult::drops(Parameter::CarbonateHardness, $drop, $drop)->distribution());
        $mixed = self::mix($water('tank'), $water('source'), 0.3);

        self::assertLessThan(0.2, $mixed->estimate('pH')->high() - $mixed->estimate('pH')->low());
        self::assertLessThan(1.2, $mixed->estimate('pH_next')->high() - $mixed->estimate('pH_next')->low());
        self::assertEqualsWithDelta(6.2, $mixed->value('pH_next'), 0.05);
    }

    public function testWithoutABufferNobodyIsSureOfTomorrow(): void
    {
        $drop = Alkalinity::fromDegrees(1.0)->milliequivalentPerLitre;
        $tank = self::state('tank', 6.0, 0.0, spread: 0.05)->with(
            Parameter::CarbonateHardness,
            TestResult::drops(Parameter::CarbonateHardness, 0.0, $drop)->distribution(),
        );
        $next = self::mix($tank, self::state('source', 7.4, 4.0, spread: 0.1), 0.25)->estimate('pH_next');

        self::assertGreaterThan(1.0, $next->high() - $next->low());
        // Air gives some carbon dioxide back, so that even the uppermost case is no lye.
        self::assertLessThan(9.0, $next->quantile(1.0));
    }

    public function testBelowOneDegreeTheBandIsWideAndSaysWhy(): void
    {
        $soft = self::mix(self::state('tank', 6.2, 0.5), self::state('source', 6.6, 0.7), 0.5);
        $firm = self::mix(self::state('tank', 6.2, 4.0), self::state('source', 6.2, 4.0), 0.5);

        self::assertGreaterThan(0.05, $soft->estimate('pH_next')->high() - $soft->estimate('pH_next')->low());
        self::assertNotSame([], $soft->notes());
        // Firm water: what carbon dioxide differs by from day to day alone.
        self::assertEqualsWithDelta(0.1 / M_LN10, $firm->estimate('pH_next')->spread(), 0.002);
        self::assertEqualsWithDelta(0.0, $firm->estimate('pH')->spread(), 1e-9);
    }

    public function testABlendIsTheSameWhicheverWayItIsPoured(): void
    {
        $a = self::state('a', 6.4, 2.0, 12, 120);
        $b = self::state('b', 8.0, 9.0, 20, 520);
        $ab = Mixing::blend('ab', [[$a, 0.3], [$b, 0.7]]);
        $ba = Mixing::blend('ba', [[$b, 7.0], [$a, 3.0]]);

        foreach ([Parameter::CarbonateHardness, Parameter::Conductivity, Parameter::Acidity, Parameter::Temperature] as $parameter) {
            self::assertEqualsWithDelta($ab->central($parameter, 0), $ba->central($parameter, -1), 1e-6 + 1e-4 * ($parameter === Parameter::Acidity ? 1 : 0));
        }
        // By strength, S = EC / (1 - 0.0056 sqrt S), halved to: a straight mix would have 400.
        self::assertEqualsWithDelta(405.133, $ab->central(Parameter::Conductivity, 0), 1e-3);
    }

    public function testWhatIsUnknownInOnePartIsUnknownInTheBlend(): void
    {
        $blend = Mixing::blend('x', [[self::state('a', 7, 3)->with(Parameter::Nitrate, new ExactValue(5)), 0.5], [self::state('b', 7, 3), 0.5]]);

        self::assertFalse($blend->has(Parameter::Nitrate));
    }
}
