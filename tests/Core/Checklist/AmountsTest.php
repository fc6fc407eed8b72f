<?php

declare(strict_types=1);

namespace Tests\Core\Checklist;

use Cresco\Core\Checklist\Buckets;
use Cresco\Core\Checklist\ChecklistFault;
use Cresco\Core\Checklist\Peroxide;
use Cresco\Core\Hydraulics\Heat;
use Cresco\Core\Substrate\SubstrateFault;
use Cresco\Core\Substrate\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AmountsTest extends TestCase
{
    public function testPeroxideGoesByWhatIsLeftAndByWhoLivesThere(): void
    {
        self::assertEqualsWithDelta(25.0, Peroxide::most(100.0, false), 1e-9);
        self::assertEqualsWithDelta(10.0, Peroxide::most(100.0, true), 1e-9);
        $this->expectException(ChecklistFault::class);
        Peroxide::most(-1.0, false);
    }

    /** @return iterable<string, array{float, float, int, int, float}> litres, bucket; buckets, trips, kg by hand */
    public static function loads(): iterable
    {
        yield 'ten litres in a ten litre bucket are two trips of three quarters' => [10.0, 10.0, 1, 2, 7.5 + 0.6];
        yield 'seven and a half are one' => [7.5, 10.0, 1, 1, 7.5 + 0.6];
        yield 'a little is carried as it is' => [2.0, 12.0, 1, 1, 2.0 + 0.72];
        yield 'seventy in twelves' => [70.0, 12.0, 6, 8, 9.0 + 0.72];
        yield 'nothing' => [0.0, 12.0, 0, 0, 0.72];
    }

    #[DataProvider('loads')]
    public function testBucketsAreCarriedThreeQuartersFull(float $litres, float $bucket, int $count, int $trips, float $kilogram): void
    {
        $carried = Buckets::of($litres, $bucket);
        self::assertSame([$count, $trips], [$carried->count, $carried->trips]);
        self::assertEqualsWithDelta($kilogram, $carried->kilogram, 1e-9);
    }

    public function testABucketHoldsSomething(): void
    {
        $this->expectException(ChecklistFault::class);
        Buckets::of(10.0, 0.0);
    }

    public function testATankLosesWarmthThroughTopBottomAndPanes(): void
    {
        // A square metre, half a metre high: two of the plan, four panes of half a square metre.
        self::assertEqualsWithDelta(4.0, Heat::lossArea(1.0, 500.0), 1e-12);
        self::assertEqualsWithDelta(2 * 0.25 + 4 * 0.5 * 0.4, Heat::lossArea(0.25, 400.0), 1e-12);
    }

    /** @return iterable<string, array{float, float, array{int, int}}> mm; across, deep */
    public static function beds(): iterable
    {
        yield 'long and deep' => [1176.0, 426.0, [4, 1]];
        yield 'a small cube' => [288.0, 288.0, [1, 1]];
        yield 'wide' => [1000.0, 650.0, [3, 2]];
        yield 'a hall' => [9000.0, 4000.0, [8, 4]];
    }

    /** @param array{int, int} $parts */
    #[DataProvider('beds')]
    public function testABedIsCutByWhatAnArmCleans(float $length, float $depth, array $parts): void
    {
        self::assertSame($parts, Zone::grid($length, $depth));
    }

    public function testABedHasASize(): void
    {
        $this->expectException(SubstrateFault::class);
        Zone::grid(0.0, 300.0);
    }
}
