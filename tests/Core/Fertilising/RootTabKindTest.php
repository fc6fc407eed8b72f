<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\FertilisingFault;
use Cresco\Core\Fertilising\RootTabKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RootTabKindTest extends TestCase
{
    /** @return iterable<string, array{RootTabKind, float, float, array{int, int}}> */
    public static function lives(): iterable
    {
        yield 'coated, at a plant that takes nothing by its roots' => [RootTabKind::Coated, 24.0, 0.0, [90, 120]];
        yield 'coated, at a heavy feeder' => [RootTabKind::Coated, 24.0, 1.0, [90, 105]];
        yield 'clay' => [RootTabKind::Clay, 24.0, 0.0, [30, 90]];
        yield 'ten degrees warmer lasts half as long' => [RootTabKind::Coated, 34.0, 0.0, [45, 60]];
    }

    /** @param array{int, int} $days */
    #[DataProvider('lives')]
    public function testTheyLastByKindWarmthAndHunger(RootTabKind $kind, float $celsius, float $roots, array $days): void
    {
        self::assertSame($days, $kind->days($celsius, $roots));
    }

    public function testOneForTwentyLitresOrSoGoesInOnADay(): void
    {
        self::assertSame([1, 1, 8], [RootTabKind::most(10.0), RootTabKind::most(44.0), RootTabKind::most(200.0)]);
    }

    public function testNoWaterBoilsHere(): void
    {
        $this->expectException(FertilisingFault::class);
        RootTabKind::Clay->days(80.0, 0.5);
    }
}
