<?php

declare(strict_types=1);

namespace Tests\Core\Tank;

use Cresco\Core\Tank\HeightCurve;
use Cresco\Core\Tank\TankFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeightCurveTest extends TestCase
{
    /**
     * @return iterable<string, array{callable(float): float, float, list<float>, callable(float): float}> area in mm2 at a height, top,
     *     where it jumps, and litres below a height by hand
     */
    public static function tanks(): iterable
    {
        yield 'a box of 600 by 300' => [static fn(float $z): float => 180000.0, 350.0, [], static fn(float $z): float => 0.18 * $z];
        yield 'a box with a step of stone up to 97' => [
            static fn(float $z): float => $z < 97.0 ? 120000.0 : 180000.0, 350.0, [97.0],
            static fn(float $z): float => 0.12 * min($z, 97.0) + 0.18 * max(0.0, $z - 97.0),
        ];
        // Sides that lean outwards: 100,000 mm2 at the floor and 400 more with each mm.
        yield 'a wedge' => [
            static fn(float $z): float => 100000.0 + 400.0 * $z, 300.0, [], static fn(float $z): float => (100000.0 * $z + 200.0 * $z ** 2) / 1e6,
        ];
        // A cone that stands on its tip, 200 wide at 200 high.
        yield 'a cone' => [static fn(float $z): float => M_PI * ($z / 2.0) ** 2, 200.0, [], static fn(float $z): float => M_PI * $z ** 3 / 12.0 / 1e6];
    }

    /**
     * @param callable(float): float $area
     * @param list<float>            $breaks
     * @param callable(float): float $litres
     */
    #[DataProvider('tanks')]
    public function testLitresBelowAHeightAreThoseOfTheSolid(callable $area, float $top, array $breaks, callable $litres): void
    {
        $curve = HeightCurve::integrate($area, $top, $breaks);
        self::assertEqualsWithDelta($litres($top), $curve->total(), 1e-9);
        for ($height = 0.0; $height <= $top; $height += 0.7) {
            // Between two points 8 mm apart it is a straight line: off by an eighth of the bend, of 8 mm squared.
            self::assertEqualsWithDelta($litres($height), $curve->litresAt($height), 0.004, (string) $height);
        }
    }

    /**
     * @param callable(float): float $area
     * @param list<float>            $breaks
     */
    #[DataProvider('tanks')]
    public function testTheMarkOfSoManyLitresIsWhereSoManyLie(callable $area, float $top, array $breaks): void
    {
        $curve = HeightCurve::integrate($area, $top, $breaks);
        $last = -1.0;
        for ($share = 0.0; $share <= 1.0; $share += 0.013) {
            $height = $curve->heightAt($share * $curve->total());
            self::assertEqualsWithDelta($share * $curve->total(), $curve->litresAt($height), 1e-9);
            self::assertGreaterThan($last, $height);
            $last = $height;
        }
        // Below the floor lies nothing, and above the rim no more than all.
        self::assertSame([0.0, 0.0], [$curve->litresAt(-5.0), $curve->heightAt(-1.0)]);
        self::assertSame([$curve->total(), $top], [$curve->litresAt($top + 50.0), $curve->heightAt($curve->total() + 9.0)]);
    }

    public function testACountOfBucketsStretchesTheCurveAndLeavesItsShape(): void
    {
        $curve = HeightCurve::integrate(static fn(float $z): float => 100000.0 + 400.0 * $z, 300.0, []);
        $counted = $curve->scaledTo(1.1 * $curve->total());

        self::assertEqualsWithDelta(1.1 * $curve->total(), $counted->total(), 1e-9);
        foreach ([10.0, 99.0, 250.0] as $height) {
            self::assertEqualsWithDelta(1.1 * $curve->litresAt($height), $counted->litresAt($height), 1e-9);
            self::assertEqualsWithDelta($height, $counted->heightAt($counted->litresAt($height)), 1e-9);
        }
    }

    public function testATankWithoutHeightOrTallerThanAHouseIsAFault(): void
    {
        foreach ([0.0, -1.0, NAN, 10001.0] as $top) {
            try {
                HeightCurve::integrate(static fn(float $z): float => 1e5, $top, []);
                self::fail('It was built.');
            } catch (TankFault $fault) {
                self::assertSame('outer_height', $fault->measure);
            }
        }
    }
}
