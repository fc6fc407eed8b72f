<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Cresco\Core\Food\CapsuleKind;
use Cresco\Core\Food\FoodFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CapsuleKindTest extends TestCase
{
    /** @return iterable<string, array{CapsuleKind, float, float, array{int, int}}> */
    public static function lives(): iterable
    {
        yield 'coated, at a plant that takes nothing by its roots' => [CapsuleKind::Coated, 24.0, 0.0, [90, 120]];
        yield 'coated, at a heavy feeder' => [CapsuleKind::Coated, 24.0, 1.0, [90, 105]];
        yield 'clay' => [CapsuleKind::Clay, 24.0, 0.0, [30, 90]];
        yield 'ten degrees warmer lasts half as long' => [CapsuleKind::Coated, 34.0, 0.0, [45, 60]];
    }

    /** @param array{int, int} $days */
    #[DataProvider('lives')]
    public function testTheyLastByKindWarmthAndHunger(CapsuleKind $kind, float $celsius, float $roots, array $days): void
    {
        self::assertSame($days, $kind->days($celsius, $roots));
    }

    public function testOneForTwentyLitresOrSoGoesInOnADay(): void
    {
        self::assertSame([1, 1, 8], [CapsuleKind::most(10.0), CapsuleKind::most(44.0), CapsuleKind::most(200.0)]);
    }

    public function testNoWaterBoilsHere(): void
    {
        $this->expectException(FoodFault::class);
        CapsuleKind::Clay->days(80.0, 0.5);
    }
}
