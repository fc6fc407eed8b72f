<?php

declare(strict_types=1);

namespace Tests\Core\Tank;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Tank\Displacement;
use Cresco\Core\Tank\Footprint;
use Cresco\Core\Tank\HeightTable;
use Cresco\Core\Tank\Rectangle;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\Tank\TankFault;
use Cresco\Core\Tank\Vessel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Data;
use Tests\Core\Row;

final class VolumeTest extends TestCase
{
    /** @return iterable<string, array{Row}> */
    public static function tanks(): iterable
    {
        foreach (Data::rows('volume') as $row) {
            if (!$row->has('given.table_height_cm_litres')) {
                yield $row->text('name') => [$row];
            }
        }
    }

    private static function counted(): Vessel
    {
        // Litres counted up to 4, 12, 24 and 32 cm above the floor; water to 28.8 cm.
        $table = HeightTable::of([[320.0, 36.8], [40.0, 2.0], [240.0, 26.0], [120.0, 10.4]]);

        return new Vessel(new Rectangle(400.0, 400.0), 340.0, 340.0 - 288.0, new SubstrateLayer(40.0, 30.0, 0.4), [], null, $table);
    }

    public function testATableOfLitresIsTheVolumeAndTheCurve(): void
    {
        $row = array_values(array_filter(Data::rows('volume'), static fn(Row $row): bool => $row->has('given.table_height_cm_litres')))[0];
        $vessel = self::counted();

        self::assertEqualsWithDelta($row->number('expected.water_L'), $vessel->litres(), 1e-9);
        foreach ($row->rows('expected.drop_mm_for_litres') as $drop) {
            self::assertEqualsWithDelta($drop->number('drop_mm'), $vessel->markFor($drop->number('drained_L')) - $vessel->waterBelowRim, 0.01);
        }
        // 10.8 L over 8 cm is 13.5 cm2 a mm: 1,350 cm2 of surface, and 32.48 L over 28.8 cm on average.
        self::assertEqualsWithDelta(135000.0, $vessel->freeArea(287.0), 1e-6);
        self::assertEqualsWithDelta(32.48e6 / 288.0, $vessel->area(), 1e-6);
        // Half a percent of the count and 2 mm of tape at 0.135 L a mm.
        $spread = sqrt((0.005 * 32.48) ** 2 + 0.27 ** 2);
        self::assertEqualsWithDelta($spread, $vessel->volumeDistribution()->spread(), 1e-9);
        self::assertEqualsWithDelta(1.2816 * $spread, $vessel->volume()->estimate('net')->halfWidth(), 0.1 * $spread);
    }

    /** @return iterable<string, array{list<array{float, float}>, string}> marks, part of the message */
    public static function tables(): iterable
    {
        yield 'one mark' => [[[300.0, 30.0]], 'tank.marks_number'];
        yield 'too many' => [array_map(static fn(int $i): array => [7.0 * $i, (float) $i], range(1, 41)), '"most":40'];
        yield 'below the floor' => [[[-5.0, 1.0], [300.0, 30.0]], 'tank.mark '];
        yield 'above the rim' => [[[100.0, 1.0], [341.0, 30.0]], 'tank.mark '];
        yield 'two at one height' => [[[100.0, 1.0], [100.5, 2.0], [300.0, 30.0]], 'tank.marks_equal'];
        yield 'less higher up' => [[[100.0, 12.0], [300.0, 11.0]], 'tank.marks_fall'];
        yield 'short of the line' => [[[100.0, 1.0], [270.0, 30.0]], 'tank.marks_below_line'];
        yield 'no number' => [[[100.0, NAN], [300.0, 30.0]], 'tank.mark '];
    }

    /** @param list<array{float, float}> $marks */
    #[DataProvider('tables')]
    public function testATableThatCannotBeIsNamed(array $marks, string $message): void
    {
        $this->expectException(TankFault::class);
        $this->expectExceptionMessage($message);
        new Vessel(new Rectangle(400.0, 400.0), 340.0, 52.0, SubstrateLayer::none(), [], null, HeightTable::of($marks));
    }

    private static function vessel(Row $row): Vessel
    {
        $mm = static fn(string $field): float => $row->has('given.'.$field) ? 10.0 * $row->number('given.'.$field) : 0.0;
        $glass = $mm('glass_cm') + $mm('wall_cm');
        $plan = match (true) {
            $row->has('given.outer_depth_in_middle_cm') => Shape::BowFront
                ->plan($mm('outer_length_cm'), $mm('outer_depth_at_sides_cm'), $mm('outer_depth_in_middle_cm'), $glass),
            $row->has('given.outer_diameter_cm') => Shape::Cylinder->plan($mm('outer_diameter_cm'), 0, 0, $glass),
            $row->has('given.inner_radius_cm') => Shape::HalfCircle->plan(2 * $mm('inner_radius_cm') + 2e-6, 0, 0, 1e-6),
            default => Shape::Box->plan($mm('outer_length_cm'), $mm('outer_width_cm'), 0, $glass),
        };
        $rim = $row->has('given.inner_height_cm') ? $mm('inner_height_cm') : $mm('outer_height_cm') - $glass;
        $bed = $row->has('given.bed_back_cm')
            ? new SubstrateLayer($mm('bed_back_cm'), $mm('bed_front_cm'), $row->number('given.porosity'))
            : SubstrateLayer::none();
        $rocks = match (true) {
            $row->has('given.rock_kg') => [Displacement::even(
                $row->number('given.rock_kg') / $row->number('given.rock_kg_per_L'),
                $mm('rock_from_cm'),
                $mm('rock_to_cm'),
            )],
            $row->has('given.rock_displaced_L_if_covered') => [Displacement::cone(
                $row->number('given.rock_displaced_L_if_covered'),
                $mm('rock_from_cm'),
                $mm('rock_to_cm'),
            )],
            default => [],
        };

        return new Vessel($plan, $rim, $mm('water_below_rim_cm'), $bed, $rocks);
    }

    #[DataProvider('tanks')]
    public function testNetVolumeAgreesWithPlaneGeometry(Row $row): void
    {
        $vessel = self::vessel($row);
        $percent = $row->has('tolerance.water_L_percent') ? $row->number('tolerance.water_L_percent') : 0.2;

        self::assertEqualsWithDelta($row->number('expected.inner_plan_area_cm2'), $vessel->plan->area() / 100, 0.003 * $vessel->plan->area() / 100);
        self::assertEqualsWithDelta($row->number('expected.water_L'), $vessel->litres(), $percent / 100 * $vessel->litres());
        self::assertEqualsWithDelta($vessel->litres(), $vessel->curve()->total(), 1e-6);
    }

    #[DataProvider('tanks')]
    public function testTheDrainMarkFollowsTheFreeCrossSection(Row $row): void
    {
        $vessel = self::vessel($row);
        $tolerance = $row->has('tolerance.drop_mm') ? $row->number('tolerance.drop_mm') : 1.0;
        foreach ($row->rows('expected.drop_mm_for_litres') as $drop) {
            $mark = $vessel->markFor($drop->number('drained_L')) - $vessel->waterBelowRim;
            self::assertEqualsWithDelta($drop->number('drop_mm'), $mark, $tolerance);
        }
        foreach ($row->rows('expected.litres_for_drop_mm') as $drop) {
            $litres = $vessel->litresDrainedAt($vessel->waterBelowRim + $drop->number('drop_mm'));
            self::assertEqualsWithDelta($drop->number('drained_L'), $litres, 0.005 * $litres);
        }
    }

    #[DataProvider('tanks')]
    public function testLitresAndMarksAreEachOthersInverse(Row $row): void
    {
        $vessel = self::vessel($row);
        for ($share = 0.0; $share < 0.98; $share += 0.07) {
            $litres = $share * $vessel->litres();
            self::assertEqualsWithDelta($litres, $vessel->litresDrainedAt($vessel->markFor($litres)), 1e-6);
        }
    }

    /** @return iterable<string, array{Footprint}> */
    public static function plans(): iterable
    {
        foreach (Shape::cases() as $shape) {
            yield $shape->value => [$shape->plan(600, 300, 380, 8)];
        }
    }

    #[DataProvider('plans')]
    public function testAPlanIsTheSumOfItsStrips(Footprint $plan): void
    {
        // Count the cells of a fine grid that lie inside the outline, by the crossing rule.
        $outline = $plan->outline();
        $step = 3.0;
        $behind = $all = 0.0;
        $cut = 0.6 * $plan->depth();
        for ($x = $step / 2; $x < $plan->length(); $x += $step) {
            for ($y = $step / 2; $y < $plan->depth(); $y += $step) {
                $inside = false;
                for ($i = 0, $j = count($outline) - 1; $i < count($outline); $j = $i++) {
                    [[$ax, $ay], [$bx, $by]] = [$outline[$i], $outline[$j]];
                    if (($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax) {
                        $inside = !$inside;
                    }
                }
                $all += $inside ? $step ** 2 : 0;
                $behind += $inside && $y < $cut ? $step ** 2 : 0;
            }
        }

        self::assertEqualsWithDelta($plan->area(), $all, 0.006 * $all);
        self::assertEqualsWithDelta($plan->areaBehind($cut), $behind, 0.01 * $behind);
        self::assertEqualsWithDelta($plan->area(), $plan->areaBehind($plan->depth()), 1e-6 * $plan->area());
        self::assertEqualsWithDelta(0.0, $plan->areaBehind(0.0), 1e-6);
    }

    public function testACountBeatsTheTapeWhenItIsSharper(): void
    {
        $plan = new Rectangle(600, 300);
        $byTape = new Vessel($plan, 400, 20, SubstrateLayer::none());
        $counted = new Vessel($plan, 400, 20, SubstrateLayer::none(), [], new NormalValue(64.0, 0.5));

        // 68.4 L by tape with 3 % of spread (2.052 L) and 64 L +- 0.5: weights 0.2375 and 4.
        self::assertEqualsWithDelta(68.4, $byTape->litres(), 1e-6);
        self::assertEqualsWithDelta((0.23749 * 68.4 + 4 * 64) / 4.23749, $counted->litres(), 0.001);
        self::assertLessThan(0.5, $counted->volumeDistribution()->spread());
        self::assertEqualsWithDelta($counted->litres(), $counted->curve()->total(), 1e-6);
    }

    public function testTheWorkingOfTheVolumeAddsUp(): void
    {
        $vessel = new Vessel(new Rectangle(500, 300), 400, 30, new SubstrateLayer(80, 40, 0.4), [Displacement::even(2.0, 40, 250)]);
        $working = $vessel->volume();

        // 500 x 300 x 370 mm = 55.5 L; bed 500 x 300 x 60 = 9 L, 60 % of it grains; 2 L of stone.
        self::assertEqualsWithDelta(55.5 - 5.4 - 2.0, $working->value('net'), 0.001);
    }

    public function testFishStandInWhatIsLeftOverTheBed(): void
    {
        $vessel = new Vessel(new Rectangle(500, 300), 400, 30, new SubstrateLayer(80, 40, 0.4));

        self::assertEqualsWithDelta(160.0, SwimmingDepth::at($vessel, 200), 1e-9);
        self::assertSame(0.0, SwimmingDepth::at($vessel, 390));
        self::assertEqualsWithDelta(60.0, SwimmingDepth::needed(40), 1e-9);
        self::assertEqualsWithDelta(160.0, SwimmingDepth::working($vessel, 200)->value('depth'), 1e-9);
    }

    public function testStonesLeaveATenthOfTheFloorFreeWhereMostOfThemStandSideBySide(): void
    {
        // 200 by 100 mm: two of 9,000 mm2 over 100 mm are 0.9 L each, and take nine tenths together.
        $tank = static fn(float ...$stones): Vessel => new Vessel(
            new Rectangle(200, 100),
            200,
            20,
            SubstrateLayer::none(),
            [Displacement::even(0.9, 0, 100), Displacement::even(...$stones)],
        );
        self::assertEqualsWithDelta(20.0 * 0.18 - 1.8, $tank(0.9, 0, 100)->volume()->value('net'), 1e-9);
        // One upon the other they take half as much at any height, as much stone as it is.
        self::assertEqualsWithDelta(20.0 * 0.18 - 1.8, $tank(0.9, 100, 150)->volume()->value('net'), 1e-9);
        $this->expectException(TankFault::class);
        $tank(0.92, 0, 100);
    }

    /** @return iterable<string, array{callable(): mixed, string}> what is built; the measure at fault */
    public static function impossible(): iterable
    {
        yield 'no length' => [static fn() => Shape::Box->plan(0, 300, 0, 6), 'outer_length'];
        yield 'no depth' => [static fn() => Shape::Box->plan(600, 0, 0, 6), 'outer_depth'];
        yield 'no glass' => [static fn() => Shape::Cube->plan(600, 0, 0, 0), 'glass'];
        yield 'all glass' => [static fn() => Shape::Cylinder->plan(100, 0, 0, 50), 'glass'];
        yield 'a bow that is flat' => [static fn() => Shape::BowFront->plan(600, 300, 300, 6), 'middle_depth'];
        yield 'a bow beyond a half circle' => [static fn() => Shape::BowFront->plan(600, 300, 700, 6), 'middle_depth'];
        yield 'a bed without grains' => [static fn() => new SubstrateLayer(10, 10, 1.0), 'porosity'];
        yield 'a waterline under the floor' => [static fn() => new Vessel(new Rectangle(100, 100), 100, 120, SubstrateLayer::none()), 'water_below_rim'];
        yield 'a bed above the water' => [static fn() => new Vessel(new Rectangle(100, 100), 100, 20, new SubstrateLayer(90, 10, 0.4)), 'substrate_back'];
        yield 'more stone than tank' => [static fn() => new Vessel(
            new Rectangle(100, 100),
            100,
            20,
            SubstrateLayer::none(),
            [Displacement::even(5, 0, 60)],
        ), 'stone_kg'];
    }

    /** @param callable(): mixed $build */
    #[DataProvider('impossible')]
    public function testAnImpossibleTankNamesTheMeasure(callable $build, string $measure): void
    {
        try {
            $build();
        } catch (TankFault $fault) {
            self::assertSame($measure, $fault->measure);

            return;
        }
        self::fail('It was built.');
    }
}
