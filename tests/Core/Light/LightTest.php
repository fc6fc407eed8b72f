<?php

declare(strict_types=1);

namespace Tests\Core\Light;

use Cresco\Core\Light\Flux;
use Cresco\Core\Light\GlassCover;
use Cresco\Core\Light\LampKind;
use Cresco\Core\Light\LampModel;
use Cresco\Core\Light\LampReading;
use Cresco\Core\Light\LampType;
use Cresco\Core\Light\LightColour;
use Cresco\Core\Light\LightFault;
use Cresco\Core\Light\LightField;
use Cresco\Core\Light\WaterTint;
use Cresco\Core\Tank\Disc;
use Cresco\Core\Tank\Rectangle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class LightTest extends TestCase
{
    /** @return iterable<int, array{Row}> */
    public static function shares(): iterable
    {
        foreach (Data::rows('light-share') as $i => $row) {
            yield $i => [$row];
        }
    }

    #[DataProvider('shares')]
    public function testTheShareOfAFlatLampIsThatOfANumericIntegrationOverLampAndWater(Row $row): void
    {
        [$long, $wide] = $row->numbers('lamp_mm');
        [$length, $depth] = $row->numbers('water_mm');
        $lamp = new LampModel(LampKind::Panel, 100.0, $long, $wide, $row->number('height_mm'), $row->number('beam_full_angle_deg'));

        self::assertEqualsWithDelta($row->number('lambert_exponent'), $lamp->exponent, 1e-4);
        self::assertEqualsWithDelta($row->number('share'), $lamp->share($length, $depth), 0.015 * $row->number('share'));
    }

    public function testTwoParallelSquaresSeeAsMuchOfEachOtherAsTheClosedFormOfRadiationSays(): void
    {
        // View factor of two equal squares as far apart as they are wide: 0.1998 (Incropera and DeWitt, table 13.2).
        self::assertEqualsWithDelta(0.1998, (new LampModel(LampKind::Panel, 1.0, 400.0, 400.0, 400.0))->share(400.0, 400.0), 0.0003);
    }

    public function testWhatFallsOnThePointsOfAPlanSumsUpToTheShare(): void
    {
        $lamp = new LampModel(LampKind::Bar, 90.0, 500.0, 60.0, 120.0, 100.0, across: 0.4, front: 0.7);
        $sum = 0.0;
        for ($i = 0; $i < 60; ++$i) {
            for ($j = 0; $j < 40; ++$j) {
                $sum += $lamp->falls(($i + 0.5) * 10.0, ($j + 0.5) * 8.0, 600.0, 320.0) * 80.0;
            }
        }

        self::assertEqualsWithDelta($lamp->share(600.0, 320.0), $sum, 0.002);
    }

    public function testARoundTankGetsLessThanTheSquareAboutItAndMoreThanTheSquareWithin(): void
    {
        $lamp = new LampModel(LampKind::Panel, 50.0, 200.0, 200.0, 150.0);
        $round = (new LightField([$lamp], new Disc(200.0)))->share($lamp);

        self::assertLessThan($lamp->share(400.0, 400.0), $round);
        self::assertGreaterThan($lamp->share(283.0, 283.0), $round);
    }

    public function testSpotsBringAsMuchAsAPanelOfTheirSizeFromFarAway(): void
    {
        $share = static fn(LampKind $kind): float => (new LampModel($kind, 50.0, 240.0, 80.0, 1500.0, spots: 3))->share(600.0, 300.0);

        self::assertEqualsWithDelta($share(LampKind::Panel), $share(LampKind::Spots), 0.005 * $share(LampKind::Panel));
    }

    public function testPhotonsComeFromLumensByTheirColourAndFromWattsByTheLamp(): void
    {
        // 54 lm s/µmol of daylight, 74 of a cool white tube (Thimijan and Heins, 1983).
        self::assertEqualsWithDelta(100.0, Flux::ofLumens(5400.0, LightColour::Sun), 1e-9);
        self::assertEqualsWithDelta(0.75 * 100.0, Flux::ofLumens(7400.0, LightColour::CoolTube, LampType::ThickTube), 1e-9);
        self::assertEqualsWithDelta(48.0, Flux::ofWatts(30.0, LampType::Led), 1e-9);
    }

    public function testLightUnderWaterFollowsFromFluxShareSurfaceAndDepth(): void
    {
        // By hand, with the share of the lamp.
        $lamp = new LampModel(LampKind::Panel, 120.0, 600.0, 300.0, 100.0, dimmer: 0.75);
        $field = new LightField([$lamp], new Rectangle(900.0, 400.0), GlassCover::Clean, WaterTint::Tea);
        $by = 120.0 * 0.75 * $lamp->share(900.0, 400.0) * 0.93 * 0.9 * exp(-1.5 * 0.3 * 1.16) / 0.36;

        self::assertEqualsWithDelta($by, $field->at(300.0), 1e-9);
        self::assertEqualsWithDelta($by, $field->working(300.0)->value('E'), 1e-6);
    }

    /** @return iterable<int, array{Row}> */
    public static function readings(): iterable
    {
        foreach (Data::rows('light-reading') as $i => $row) {
            yield $i => [$row];
        }
    }

    #[DataProvider('readings')]
    public function testAReadingMovesTheLampByTheWeightOfItsDoubt(Row $row): void
    {
        $plan = new Rectangle(600.0, 300.0);
        $lamp = static fn(float $flux): LampModel => new LampModel(LampKind::Panel, $flux, 500.0, 200.0, 100.0);
        // A lamp that gives just the worked out light at this place.
        $one = (new LightField([$lamp(1.0)], $plan))->atPlace(0.3, 0.5, 200.0);
        $lamps = [$lamp($row->number('computed') / $one)];
        $field = new LightField($lamps, $plan, readings: [new LampReading($row->number('reading'), 0.3, 0.5, 200.0, $row->number('reading_band_80'))]);

        self::assertEqualsWithDelta($row->number('lamp_factor'), $field->moves(), 0.002 * $row->number('lamp_factor'));
        self::assertEqualsWithDelta($row->number('combined'), $field->atPlace(0.3, 0.5, 200.0), 0.002 * $row->number('combined'));
        self::assertEqualsWithDelta(
            $row->number('low_80'),
            exp($field->factor->distribution()->quantile(0.1)) * $row->number('computed'),
            0.003 * $row->number('low_80'),
        );
        self::assertEqualsWithDelta(
            $row->number('high_80'),
            exp($field->factor->distribution()->quantile(0.9)) * $row->number('computed'),
            0.003 * $row->number('high_80'),
        );
    }

    public function testLightNeverRisesWithDepthUnderALampCentredOnIt(): void
    {
        mt_srand(11);
        for ($case = 0; $case < 60; ++$case) {
            $field = new LightField(
                [new LampModel(LampKind::cases()[mt_rand(0, 2)], 80.0, mt_rand(60, 1200), mt_rand(60, 300), mt_rand(0, 500), mt_rand(40, 150))],
                new Rectangle(mt_rand(300, 1500), mt_rand(200, 600)),
                tint: WaterTint::cases()[mt_rand(0, 2)],
            );
            $above = INF;
            for ($depth = 0.0; $depth <= 600.0; $depth += 30.0) {
                $light = $field->atPlace(0.5, 0.5, $depth);
                self::assertLessThan($above, $light);
                $above = $light;
            }
        }
    }

    public function testCornersNearTheSurfaceAreDarkerThanTheMiddleAndLessSoFurtherDown(): void
    {
        $field = new LightField([new LampModel(LampKind::Bar, 60.0, 500.0, 80.0, 80.0)], new Rectangle(900.0, 450.0));
        $corner = static fn(float $depth): float => $field->atPlace(0.03, 0.97, $depth) / $field->atPlace(0.5, 0.5, $depth);

        self::assertLessThan(0.6, $corner(20.0));
        self::assertGreaterThan($corner(20.0), $corner(400.0));
    }

    public function testARampCountsHalfAndTheDoseFollows(): void
    {
        $field = new LightField([new LampModel(LampKind::Panel, 60.0, 500.0, 200.0, 50.0, hours: 9.0, ramp: 60.0)], new Rectangle(600.0, 300.0));

        self::assertEqualsWithDelta(8.0, $field->hours(), 1e-9);
        self::assertEqualsWithDelta(9.0, $field->day(), 1e-9);
        // 92.4089 µmol/m2s for eight hours are 2.66138 mol/m2.
        self::assertEqualsWithDelta(2.66138, $field->dose(92.4089), 1e-5);
    }

    public function testNoLampIsDark(): void
    {
        $field = new LightField([], new Rectangle(600.0, 300.0));

        self::assertSame(0.0, $field->at(100.0));
        self::assertSame(0.0, $field->atPlace(0.5, 0.5, 100.0));
        self::assertSame(0.0, $field->hours());
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wrong(): iterable
    {
        yield 'no flux' => [static fn() => new LampModel(LampKind::Panel, 0.0, 100.0, 100.0, 10.0)];
        yield 'no width' => [static fn() => new LampModel(LampKind::Panel, 10.0, 100.0, 0.0, 10.0)];
        yield 'a beam all round' => [static fn() => new LampModel(LampKind::Panel, 10.0, 100.0, 100.0, 10.0, 180.0)];
        yield 'more ramp than hours' => [static fn() => new LampModel(LampKind::Panel, 10.0, 100.0, 100.0, 10.0, hours: 2.0, ramp: 61.0)];
        yield 'a reading of nothing' => [static fn() => new LampReading(0.0, 0.5, 0.5, 100.0, 0.1)];
        yield 'a place outside' => [static fn() => (new LightField([], new Rectangle(600.0, 300.0)))->atPlace(1.2, 0.5, 10.0)];
    }

    /** @param callable(): mixed $make */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsAFault(callable $make): void
    {
        $this->expectException(LightFault::class);
        $make();
    }
}
