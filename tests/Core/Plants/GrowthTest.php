<?php

declare(strict_types=1);

namespace Tests\Core\Plants;

use Cresco\Core\Plants\Canopy;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Plants\GrowthForm;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantsFault;
use Cresco\Core\Plants\Regrowth;
use Cresco\Core\Plants\Shade;
use Cresco\Core\Plants\Spread;
use Cresco\Core\Plants\Trimmings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class GrowthTest extends TestCase
{
    /** @return iterable<string, array{string, Row}> */
    public static function rows(): iterable
    {
        foreach (['regrowth', 'cover', 'growth-factors', 'canopy-light', 'rate-learned', 'taken-out'] as $name) {
            foreach (Data::rows($name) as $i => $row) {
                yield $name.' '.$i => [$name, $row];
            }
        }
    }

    #[DataProvider('rows')]
    public function testItAgreesWithThePublishedRows(string $name, Row $row): void
    {
        $share = $name === 'rate-learned' ? 0.02 : 0.001;
        foreach (self::reckoned($name, $row) as $field => $value) {
            self::assertEqualsWithDelta($row->number($field), $value, $share * abs($row->number($field)), $field);
        }
    }

    /** @return array<string, float> */
    private static function reckoned(string $name, Row $row): array
    {
        if ($name === 'regrowth') {
            $growth = new Regrowth($row->number('ceiling_mm'), $row->number('rate_mm_week_at_half_height'));
            $then = $growth->after($row->number('height_mm'), $row->number('weeks'));

            return [
                'height_then_mm' => $then,
                'weeks_to_limit' => $growth->weeksTo($row->number('height_mm'), $row->number('limit_mm')),
                'cut_height_mm' => $growth->cutFor($row->number('limit_mm'), $row->number('cut_to_be_at_limit_in_weeks')),
                'rate_found_again' => Regrowth::rate(
                    $row->number('ceiling_mm'),
                    $row->number('height_mm'),
                    $row->number('height_then_mm'),
                    $row->number('weeks'),
                ),
            ];
        }
        if ($name === 'cover') {
            $spread = new Spread($row->number('doubling_days_when_sparse'));

            return [
                'cover_then' => $spread->after($row->number('cover'), $row->number('days')),
                'days_to_limit' => $spread->daysTo($row->number('cover'), $row->number('limit')),
            ];
        }
        if ($name === 'growth-factors') {
            $demand = [30 => LightDemand::Shade, 60 => LightDemand::Middling, 120 => LightDemand::Much][(int) $row->number('Ek')];
            $growth = Growth::rate($row->number('class_rate'), $demand, $row->number('E'), $row->number('CO2_mg_L'));

            return ['f_light' => $growth->value('by_light'), 'f_CO2' => $growth->value('by_carbon'), 'rate' => $growth->value('rate')];
        }
        if ($name === 'canopy-light') {
            $open = $row->number('flux_umol_s') * $row->number('share_on_water') * $row->number('T_surface') * $row->number('T_cover')
                * exp(-$row->number('K_per_m') * $row->number('depth_m') * $row->number('path')) / $row->number('area_m2');
            $shades = array_map(static fn(Row $taller): Shade => new Shade(
                'it',
                $taller->number('overlap'),
                $row->number('k'),
                $taller->number('lai_at_full_height') * ($taller->number('height_m') - $row->number('top_of_stand_m')) / $row
                    ->number('water_height_over_bed_m'),
            ), $row->rows('taller_stands'));
            $steps = Canopy::working($open, $row->number('floating_cover'), $shades);
            $light = Canopy::at($open, $row->number('floating_cover'), $shades);
            self::assertEqualsWithDelta($light, $steps->value('under_'.count($shades)), 1e-9);

            return ['E_open_umol_m2_s' => $open, 'E_at_top_umol_m2_s' => $light, 'dose_8h_mol_m2_day' => $light * 8.0 * 0.0036];
        }
        if ($name === 'rate-learned') {
            $pairs = array_map(static function (string $at) use ($row): array {
                [$first, $second, $weeks] = $row->numbers('pairs_mm_mm_weeks.'.$at);

                return [$first, $second, $weeks];
            }, array_map(strval(...), array_keys($row->rows('pairs_mm_mm_weeks'))));
            $rate = LearnedRate::of($row->number('usual_rate'), $row->number('ceiling_mm'), $pairs, $row->number('tape_mm'), 0.0, 0.0);
            self::assertSame(count($pairs), $rate->count);

            return ['low_80' => $rate->low, 'median' => $rate->median, 'high_80' => $rate->high];
        }
        $out = Trimmings::of($row->number('fresh_g'), $row->number('water_L'));

        return [
            'dry_mg' => $out->value('dry'), 'N_mg' => $out->value('N'), 'P_mg' => $out->value('P'), 'K_mg' => $out->value('K'),
            'as_nitrate_mg_L' => $out->value('nitrate'), 'as_phosphate_mg_L' => $out->value('phosphate'),
        ];
    }

    public function testTheShadeOfAFormIsOfThoseLeavesOfItThatStandAboveTheTop(): void
    {
        // Stems of 288 mm over a top at 80 mm in 360 mm of water: 4 (288 - 80) / 360 = 2.311 layers, k 0.6.
        $shade = Shade::of('stems', GrowthForm::Stem, 288.0, 80.0, 360.0, 1.0);

        self::assertEqualsWithDelta(exp(-0.6 * 2.3111), $shade->lets(), 1e-4);
        self::assertSame(1.0, Shade::of('stems', GrowthForm::Stem, 60.0, 80.0, 360.0, 1.0)->lets());
    }

    /** @return iterable<string, array{int}> pairs of heights */
    public static function pairs(): iterable
    {
        yield 'one' => [1];
        yield 'three' => [3];
        yield 'six' => [6];
    }

    /**
     * Stands whose rate is drawn from the guess and differs from stretch to stretch, whose ceiling is not quite the one held, and which are
     * read by a tape: the band says what it claims, and so does that of the stretch to come.
     */
    #[DataProvider('pairs')]
    public function testTheBandOfALearnedRateHoldsItInEightOfTenStands(int $count): void
    {
        mt_srand(5 + $count);
        $bell = static fn(): float => sqrt(-2.0 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
        $held = $next = 0;
        for ($plantGroup = 0; $plantGroup < 800; ++$plantGroup) {
            $usual = [15.0, 35.0, 70.0][$plantGroup % 3];
            $rate = $usual * LearnedRate::DOUBT ** $bell();
            $stretch = static fn(): float => $rate * exp(0.15 * $bell());
            $ceiling = 450.0 * exp(LearnedRate::CEILING * $bell());
            $pairs = [];
            for ($i = 0; $i < $count; ++$i) {
                $first = (float) mt_rand(70, 200);
                $weeks = mt_rand(1, 5);
                $pairs[] = [max(10.0, $first + 10.0 * $bell()), max(
                    10.0,
                    (new Regrowth($ceiling, $stretch()))->after($first, $weeks) + 10.0 * $bell(),
                ), (float) $weeks];
            }
            $learned = LearnedRate::of($usual, 450.0, $pairs, 10.0);
            $held += (int) ($rate >= $learned->low && $rate <= $learned->high);
            [$coming, $foretold] = [$stretch(), $learned->next()];
            $next += (int) ($coming >= $foretold->low && $coming <= $foretold->high);
        }

        foreach ([$held, $next] as $within) {
            self::assertGreaterThanOrEqual(600, $within);
            self::assertLessThanOrEqual(680, $within);
        }
    }

    public function testAWildPairIsSetAsideAndNamedAndOneOfTwoIsNot(): void
    {
        $good = [[100.0, 178.0, 2.0], [110.0, 190.0, 2.0], [120.0, 205.0, 2.0], [90.0, 165.0, 2.0]];
        $with = LearnedRate::of(50.0, 450.0, [...$good, [300.0, 60.0, 2.0]]);

        self::assertSame([4], $with->aside);
        self::assertSame(4, $with->count);
        self::assertEqualsWithDelta(LearnedRate::of(50.0, 450.0, $good)->median, $with->median, 1e-9);
        self::assertSame([], LearnedRate::of(50.0, 450.0, [$good[0], [300.0, 60.0, 2.0]])->aside);
    }

    public function testTheOrderOfThePairsDoesNotMatter(): void
    {
        $pairs = [[100.0, 178.0, 2.0], [110.0, 190.0, 2.0], [120.0, 180.0, 2.0]];

        self::assertEqualsWithDelta(LearnedRate::of(50.0, 450.0, $pairs)->median, LearnedRate::of(50.0, 450.0, array_reverse($pairs))->median, 1e-9);
    }

    public function testWithoutPairsTheUsualRateStandsWithAWiderBand(): void
    {
        $guess = LearnedRate::guess(35.0);
        $learned = LearnedRate::of(35.0, 450.0, [[100.0, 150.0, 2.0]]);

        self::assertSame(0, $guess->count);
        self::assertGreaterThan($learned->high / $learned->low, $guess->high / $guess->low);
    }

    public function testOneThatUsesBicarbonateDoesNotStopWithoutCarbonDioxide(): void
    {
        $rate = static fn(float $least): float => Growth::rate(70.0, LightDemand::Middling, 60.0, 0.5, leastCarbon: $least)->value('rate');

        // 0.45 against 0.5/5.5 / (30/35) = 0.10606.
        self::assertEqualsWithDelta(0.45 / 0.106061, $rate(Growth::BICARBONATE) / $rate(0.0), 1e-4);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wrong(): iterable
    {
        yield 'no ceiling' => [static fn() => new Regrowth(0.0, 30.0)];
        yield 'no height' => [static fn() => (new Regrowth(400.0, 30.0))->after(0.0, 1.0)];
        yield 'a cover of more than all' => [static fn() => (new Spread(6.0))->after(1.1, 3.0)];
        yield 'an overlap of more than all' => [static fn() => new Shade('it', 1.2, 0.6, 1.0)];
        yield 'a tank without water' => [static fn() => Trimmings::of(10.0, 0.0)];
        yield 'a rate of nothing' => [static fn() => LearnedRate::guess(0.0)];
    }

    /** @param callable(): mixed $make */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsAFault(callable $make): void
    {
        $this->expectException(PlantsFault::class);
        $make();
    }
}
