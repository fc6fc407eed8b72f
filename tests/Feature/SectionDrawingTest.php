<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\SectionDrawing;
use App\Models\Device;
use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Cresco\Core\Tank\Shape;
use Illuminate\Database\Eloquent\Collection;
use PHPUnit\Framework\Attributes\DataProvider;

final class SectionDrawingTest extends FeatureCase
{
    /** @return iterable<string, array{Shape}> */
    public static function shapes(): iterable
    {
        foreach (Shape::cases() as $shape) {
            yield $shape->value => [$shape];
        }
    }

    private static function made(Shape $shape): Tank
    {
        $tank = new Tank([
            'name' => 'Brook', 'shape' => $shape, 'marks' => [[20.0, 60.0], [200.0, 30.0]], 'outer_length' => 620.0, 'outer_depth' => 320.0, 'middle_depth' => 400.0, 'outer_height' => 410.0, 'glass' => 8.0,
            'water_below_rim' => 25.0, 'substrate_back' => 90.0, 'substrate_front' => 40.0, 'porosity' => 0.4, 'stone_kg' => 5.0, 'stone_height' => 180.0, 'wood_kg' => 1.0, 'wood_height' => 220.0,
            'measured_litres' => null, 'measured_spread' => null, 'fish_height' => 30.0, 'warmth' => 24.0,
        ]);
        $tank->setRelation('devices', new Collection([
            new Device(['kind' => 'heater', 'top' => 80.0, 'bottom' => 250.0, 'across' => 5]),
            new Device(['kind' => 'canister', 'top' => 290.0, 'bottom' => 330.0, 'across' => 95]),
            new Device(['kind' => 'wave_pump', 'top' => 60.0, 'bottom' => 110.0, 'across' => 88]),
            new Device(['kind' => 'lamp', 'top' => null, 'bottom' => null, 'across' => 50]),
        ]));
        $tank->setRelation('keeper', new Keeper());

        return $tank;
    }

    private static function drawn(Tank $tank, ?float $mark, bool $plain = false): SectionDrawing
    {
        return new SectionDrawing($tank, VesselQuery::tank($tank), VesselQuery::levels($tank), $mark, 640.0, 400.0, $plain, $tank->water_below_rim);
    }

    #[DataProvider('shapes')]
    public function testEveryLengthIsTheTanksTimesOneScale(Shape $shape): void
    {
        $tank = self::made($shape);
        $drawing = self::drawn($tank, 180.0);
        $vessel = VesselQuery::tank($tank);

        self::assertEqualsWithDelta($vessel->plan->length() * $drawing->scale, $drawing->innerWidth(), 0.2);
        self::assertEqualsWithDelta($vessel->rim * $drawing->scale, $drawing->floor - $drawing->top, 0.1);
        self::assertEqualsWithDelta((180.0 - 25.0) * $drawing->scale, $drawing->y(180.0) - $drawing->y(25.0), 0.2);
        self::assertEqualsWithDelta(90.0 * $drawing->scale, $drawing->floor - $drawing->bedY(90.0), 0.2);
        self::assertEqualsWithDelta(30.0 * $drawing->scale, $drawing->fish()[3] ?? NAN, 0.1);
    }

    #[DataProvider('shapes')]
    public function testItStaysOnItsSheet(Shape $shape): void
    {
        foreach ([true, false] as $plain) {
            $drawing = self::drawn(self::made($shape), 180.0, $plain);
            self::assertGreaterThanOrEqual(0.0, $drawing->left);
            self::assertLessThanOrEqual(640.0, $drawing->right);
            self::assertLessThanOrEqual(400.1, $drawing->outerBottom);
        }
    }

    public function testWhatIsSaidStandsBelowEachOtherAndInOrder(): void
    {
        $leaders = self::drawn(self::made(Shape::Box), 180.0)->leaders;

        self::assertCount(4, $leaders);
        for ($i = 1; $i < count($leaders); ++$i) {
            self::assertGreaterThanOrEqual($leaders[$i - 1]->x, $leaders[$i]->x);
            self::assertGreaterThanOrEqual($leaders[$i - 1]->to + 30.0, $leaders[$i]->to);
        }
    }

    /** @return iterable<string, array{float, list<string>}> mark; what is bare there */
    public static function marks(): iterable
    {
        yield 'hardly drained' => [50.0, []];
        yield 'the pump looks out' => [70.0, ['wave pump']];
        yield 'the heater too' => [100.0, ['heater', 'wave pump']];
        yield 'down to the intake' => [300.0, ['heater', 'intake', 'wave pump']];
    }

    /** @param list<string> $bare */
    #[DataProvider('marks')]
    public function testWhatIsBareAtAMarkIsSaidToBe(float $mark, array $bare): void
    {
        $found = [];
        foreach (self::drawn(self::made(Shape::Box), $mark)->leaders as $leader) {
            if ($leader->beyond && !str_starts_with($leader->first, 'fish')) {
                $found[] = explode(':', $leader->first)[0];
                self::assertStringContainsString('out of water by', $leader->second);
            }
        }
        sort($found);

        self::assertSame($bare, $found);
    }

    public function testTooLittleDepthForTheFishIsMarked(): void
    {
        $fish = static fn(float $mark): bool => array_values(array_filter(
            self::drawn(self::made(Shape::Box), $mark)->leaders,
            static fn($l): bool => str_starts_with($l->first, 'fish'),
        ))[0]->beyond;

        // The rim is 402 mm above the floor, the substrate 40 mm deep in front; 45 mm are needed.
        self::assertFalse($fish(402.0 - 40.0 - 46.0));
        self::assertTrue($fish(402.0 - 40.0 - 44.0));
    }

    public function testThoseWhoDoNotSeeItAreTold(): void
    {
        $keeper = $this->keeper();
        $said = self::drawn(self::made(Shape::Box), 180.0)->description($keeper->show());

        foreach ([
            "Brook, 620\u{A0}mm × 410\u{A0}mm", "water 25\u{A0}mm below the rim", "drain mark 180\u{A0}mm", "heater: from −80\u{A0}mm",
            "intake: from \u{2212}290\u{A0}mm stays 110\u{A0}mm under water",
        ] as $part) {
            self::assertStringContainsString($part, $said);
        }
    }

    public function testTheSameTankIsComputedOnceUntilAMeasureChanges(): void
    {
        $tank = self::made(Shape::Box);
        $first = VesselQuery::tank($tank);
        self::assertSame($first, VesselQuery::tank($tank));
        $tank->outer_height = 450.0;

        self::assertNotSame($first, VesselQuery::tank($tank));
        self::assertGreaterThan($first->litres(), VesselQuery::tank($tank)->litres());
    }
}
