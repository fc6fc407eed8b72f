<?php

declare(strict_types=1);

namespace Tests\Core\Substrate;

use Cresco\Core\Substrate\Cover;
use Cresco\Core\Substrate\LitresOut;
use Cresco\Core\Substrate\SubstrateFault;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Substrate\ZoneRotation;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ZoneRotationTest extends TestCase
{
    public function testTheBedNeverExceedsItsLimits(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        for ($i = 0; $i < 300; ++$i) {
            $across = $chance->getInt(1, 6);
            $deep = $chance->getInt(1, 3);
            $zones = [];
            for ($n = 0; $n < $across * $deep; ++$n) {
                $column = $n % $across;
                $row = intdiv($n, $across);
                $zones[] = new Zone(
                    $n,
                    $column / $across,
                    ($column + 1) / $across,
                    $row / $deep,
                    ($row + 1) / $deep,
                    Cover::cases()[$chance->getInt(0, 5)],
                    $chance->getInt(0, 4) === 0 ? null : (float) $chance->getInt(0, 90),
                );
            }
            $alarm = [0.02, 0.05][$chance->getInt(0, 1)];
            $rotation = new ZoneRotation(
                $chance->getInt(1, 60) / 10,
                100.0,
                50.0,
                $chance->getInt(55, 90) / 10,
                25.0,
                $alarm,
                [0.2, 0.34, 1.0][$chance->getInt(0, 2)],
            );
            $next = $rotation->next($zones);
            self::assertLessThanOrEqual($rotation->most + 1e-9, array_sum(array_map(static fn(Zone $zone): float => $zone->area(), $next)));
            self::assertLessThanOrEqual(0.5 * $alarm + 1e-12, $rotation->freeAmmonia($rotation->ammonia($next)));
            foreach ($next as $a => $zone) {
                foreach (array_slice($next, $a + 1) as $other) {
                    self::assertFalse($zone->touches($other));
                }
            }
            // Nothing is left out that would have been taken first and fits alone.
            if ($next === []) {
                foreach ($zones as $zone) {
                    self::assertTrue($zone->area() > $rotation->most + 1e-9 || $rotation->freeAmmonia($rotation->ammonia([$zone])) > 0.5 * $alarm);
                }
            }
        }
    }

    public function testTheLongestWaitingGoesFirstAndItsNeighboursWait(): void
    {
        $zones = [];
        foreach ([30.0, 50.0, 40.0, 10.0] as $i => $days) {
            $zones[] = new Zone($i, $i / 4, ($i + 1) / 4, 0.0, 1.0, Cover::Sand, $days);
        }
        $rotation = new ZoneRotation(1.0, 200.0, 120.0, 6.8, 24.0, 0.05, 0.5);

        // The second is the oldest; the first and the third lie beside it, so the fourth goes with it.
        self::assertSame([1, 3], array_map(static fn(Zone $zone): int => $zone->key, $rotation->next($zones)));
    }

    public function testWhatIsStirredFollowsFromWhatWasFed(): void
    {
        // 2 mg/L nitrate a day in 100 L are 200 * 14.007 / 62.004 = 45.2 mg nitrogen; a tenth of it settles, a quarter of that
        // in a quarter of the substrate, 20 days long: 22.6 mg, of which gravel frees 30 %: 6.78 mg in 60 L.
        $rotation = new ZoneRotation(2.0, 100.0, 60.0, 7.0, 25.0, 0.05);
        $zone = new Zone(1, 0.0, 0.25, 0.0, 1.0, Cover::Gravel, 20.0);

        self::assertEqualsWithDelta(22.59, $rotation->load($zone), 0.01);
        self::assertEqualsWithDelta(0.1130, $rotation->ammonia([$zone]), 0.0002);
        // 0.56 % of it is free at pH 7 and 25 degrees.
        self::assertEqualsWithDelta(0.1130 * 0.0056, $rotation->freeAmmonia($rotation->ammonia([$zone])), 1e-5);
        $working = $rotation->working([$zone]);
        self::assertEqualsWithDelta($rotation->ammonia([$zone]), $working->value('total'), 1e-9);
        self::assertGreaterThan($working->endingAt('free')->estimate()->low() * 2.0, $working->endingAt('free')->estimate()->high());
    }

    public function testTheWaterIsDividedAsFarAsItLastsAndNothingIsMadeUp(): void
    {
        $zones = array_map(static fn(int $i): Zone => new Zone($i, $i / 4, ($i + 1) / 4, 0.0, 1.0, Cover::Sand, null), [0, 1, 2]);
        // A quarter of 0.5 m2 takes 12 * 0.125 = 1.5 minutes, at 10 L/min 15 L each.
        $out = LitresOut::divide(45.0, 10.0, $zones, 0.5, ['rinsing' => 8.0, 'tub' => 6.0]);
        self::assertSame([0, 1], array_map(static fn(Zone $zone): int => $zone->key, $out->cleaned));
        self::assertSame([2], array_map(static fn(Zone $zone): int => $zone->key, $out->waiting));
        self::assertEqualsWithDelta([30.0, 1.0], [$out->vacuumed, $out->rest], 1e-9);

        $chance = new Randomizer(new Mt19937(2));
        for ($i = 0; $i < 100; ++$i) {
            $litres = $chance->getInt(0, 800) / 10;
            $out = LitresOut::divide(
                $litres,
                $chance->getInt(0, 200) / 10,
                $zones,
                $chance->getInt(1, 80) / 100,
                ['a' => $chance->getInt(0, 200) / 10, 'b' => $chance->getInt(0, 200) / 10],
            );
            self::assertEqualsWithDelta($litres, array_sum($out->wanted) + $out->vacuumed + $out->rest, 1e-9);
            self::assertCount(3, [...$out->cleaned, ...$out->waiting]);
            self::assertGreaterThanOrEqual(0.0, min([...array_values($out->wanted), $out->vacuumed, $out->rest]));
        }
    }

    public function testPatchesSplitAndJoinBackToWhatTheyWere(): void
    {
        $zone = new Zone(1, 0.25, 0.75, 0.0, 1.0, Cover::Sand, null);
        foreach ([3.0, 0.5] as $shape) {
            [$a, $b] = $zone->halves($shape);
            $first = new Zone(1, $a[0], $a[1], $a[2], $a[3], Cover::Sand, null);
            $second = new Zone(2, $b[0], $b[1], $b[2], $b[3], Cover::Sand, null);
            self::assertTrue($first->touches($second));
            self::assertEqualsWithDelta([0.25, 0.75, 0.0, 1.0], $first->with($second), 1e-9);
        }
        self::assertNull($zone->with(new Zone(3, 0.75, 1.0, 0.0, 0.5, Cover::Sand, null)));
        self::assertFalse($zone->touches(new Zone(4, 0.8, 1.0, 0.0, 1.0, Cover::Sand, null)));
        $this->expectException(SubstrateFault::class);
        new Zone(1, 0.5, 0.5, 0.0, 1.0, Cover::Sand, null);
    }
}
