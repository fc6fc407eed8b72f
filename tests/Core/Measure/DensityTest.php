<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\MeasureFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Densities drawn with straight lines, by summing them up in small steps. */
final class DensityTest extends TestCase
{
    private const STEPS = 200_000;

    /** @return iterable<string, array{Density, float, float, callable(float): float}> density, its ends, and its weight at a value */
    public static function shapes(): iterable
    {
        yield 'flat' => [Density::flat(20.0, 40.0), 20.0, 40.0, static fn(float $x): float => 1.0];
        yield 'three times as likely at its lower end' => [
            Density::slanted(20.0, 40.0, 3.0, 1.0), 20.0, 40.0, static fn(float $x): float => 3.0 - ($x - 20.0) / 10.0,
        ];
        yield 'rising from nothing' => [Density::slanted(0.0, 5.0, 0.0, 2.0), 0.0, 5.0, static fn(float $x): float => $x];
        yield 'falling to nothing' => [Density::slanted(-3.0, 5.0, 2.0, 0.0), -3.0, 5.0, static fn(float $x): float => 5.0 - $x];
        yield 'a peak in the middle' => [Density::peaked(10.0, 15.0, 20.0), 10.0, 20.0, static fn(float $x): float => 5.0 - abs($x - 15.0)];
        yield 'a peak at a quarter' => [Density::peaked(0.0, 10.0, 40.0), 0.0, 40.0, static fn(float $x): float => $x < 10.0 ? $x / 10.0 : (40.0 - $x) / 30.0];
        yield 'a peak at its end' => [Density::peaked(0.0, 40.0, 40.0), 0.0, 40.0, static fn(float $x): float => $x];
    }

    /** @param callable(float): float $weight */
    #[DataProvider('shapes')]
    public function testItsQuantilesMiddleAndSpreadAreThoseOfTheSum(Density $density, float $low, float $high, callable $weight): void
    {
        $step = ($high - $low) / self::STEPS;
        $area = $mean = $square = 0.0;
        $sums = [];
        for ($i = 0; $i < self::STEPS; ++$i) {
            $x = $low + ($i + 0.5) * $step;
            $area += $step * $weight($x);
            $mean += $step * $weight($x) * $x;
            $square += $step * $weight($x) * $x ** 2;
            if ($i % 100 === 99) {
                $sums[] = [$low + ($i + 1) * $step, $area];
            }
        }
        $mean /= $area;
        self::assertEqualsWithDelta(sqrt($square / $area - $mean ** 2), $density->spread(), 1e-4 * ($high - $low));
        foreach ($sums as [$x, $below]) {
            $share = min(1.0, $below / $area);
            // Where it is thin a small share is a wide way.
            self::assertEqualsWithDelta($x, $density->quantile($share), 2e-3 * ($high - $low));
        }
        self::assertSame($density->quantile(0.5), $density->central());
        self::assertEqualsWithDelta([$low, $high], [$density->quantile(-1.0), $density->quantile(2.0)], 1e-9);
    }

    /** @param callable(float): float $weight */
    #[DataProvider('shapes')]
    public function testInAnotherUnitItIsTheSame(Density $density, float $low, float $high, callable $weight): void
    {
        $scaled = $density->scaled(17.848, 3.0);
        foreach ([0.0, 0.1, 0.37, 0.5, 0.9, 1.0] as $share) {
            self::assertEqualsWithDelta(17.848 * $density->quantile($share) + 3.0, $scaled->quantile($share), 1e-9);
        }
        self::assertEqualsWithDelta(17.848 * $density->spread(), $scaled->spread(), 1e-9);
        self::assertGreaterThanOrEqual(0.0, $weight(($low + $high) / 2.0));
    }

    /** @return iterable<string, array{callable(): Density}> */
    public static function wrong(): iterable
    {
        yield 'its ends the wrong way round' => [static fn(): Density => Density::flat(40.0, 20.0)];
        yield 'without width' => [static fn(): Density => Density::flat(20.0, 20.0)];
        yield 'without weight' => [static fn(): Density => Density::slanted(0.0, 1.0, 0.0, 0.0)];
        yield 'its peak outside' => [static fn(): Density => Density::peaked(0.0, 5.0, 4.0)];
    }

    /** @param callable(): Density $make */
    #[DataProvider('wrong')]
    public function testWhatHasNoAreaIsAFault(callable $make): void
    {
        $this->expectException(MeasureFault::class);
        $make();
    }
}
