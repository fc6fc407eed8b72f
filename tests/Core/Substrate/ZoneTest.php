<?php

declare(strict_types=1);

namespace Tests\Core\Substrate;

use Cresco\Core\Substrate\Cover;
use Cresco\Core\Substrate\SubstrateFault;
use Cresco\Core\Substrate\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts of a substrate as they lie beside each other, shares of the plan. */
final class ZoneTest extends TestCase
{
    /** @param array{float, float, float, float} $at left, right, front, back */
    private static function patch(array $at): Zone
    {
        return new Zone(1, $at[0], $at[1], $at[2], $at[3], Cover::Sand, 10.0);
    }

    /** @return iterable<string, array{array{float, float, float, float}, array{float, float, float, float}, bool, array{float, float, float, float}|null}> */
    public static function neighbours(): iterable
    {
        yield 'side by side, alike' => [[0.0, 0.3, 0.2, 0.7], [0.3, 1.0, 0.2, 0.7], true, [0.0, 1.0, 0.2, 0.7]];
        yield 'one behind the other, alike' => [[0.1, 0.4, 0.0, 0.5], [0.1, 0.4, 0.5, 1.0], true, [0.1, 0.4, 0.0, 1.0]];
        yield 'side by side, one deeper' => [[0.0, 0.3, 0.2, 0.7], [0.3, 1.0, 0.6, 1.0], true, null];
        yield 'only by a corner' => [[0.0, 0.3, 0.0, 0.5], [0.3, 1.0, 0.5, 1.0], false, null];
        yield 'one above the other on the same line' => [[0.0, 0.3, 0.0, 0.2], [0.3, 1.0, 0.6, 1.0], false, null];
        yield 'a gap between' => [[0.0, 0.3, 0.0, 0.5], [0.4, 1.0, 0.0, 0.5], false, null];
    }

    /**
     * @param array{float, float, float, float}      $one
     * @param array{float, float, float, float}      $other
     * @param array{float, float, float, float}|null $together
     */
    #[DataProvider('neighbours')]
    public function testThoseThatShareAnEdgeTouchAndThoseWithEqualEdgesMakeOne(array $one, array $other, bool $touch, ?array $together): void
    {
        foreach ([[self::patch($one), self::patch($other)], [self::patch($other), self::patch($one)]] as [$a, $b]) {
            self::assertSame($touch, $a->touches($b));
            self::assertSame($together, $a->with($b));
        }
    }

    public function testItsAreaIsThatOfARectangleAndItsHalvesMakeItUp(): void
    {
        $zone = self::patch([0.2, 0.6, 0.5, 0.9]);
        self::assertEqualsWithDelta(0.16, $zone->area(), 1e-12);
        // 120 cm by 40: it is longer from left to right; 30 by 60: from front to back.
        self::assertSame([[0.2, 0.4, 0.5, 0.9], [0.4, 0.6, 0.5, 0.9]], $zone->halves(3.0));
        self::assertSame([[0.2, 0.6, 0.5, 0.7], [0.2, 0.6, 0.7, 0.9]], $zone->halves(0.5));
        // As long as deep: cut from left to right.
        self::assertSame([0.2, 0.4, 0.5, 0.9], self::patch([0.2, 0.6, 0.5, 0.9])->halves(1.001)[0]);
        foreach ([0.5, 1.0, 3.0] as $length) {
            self::assertEqualsWithDelta(
                $zone->area(),
                array_sum(array_map(static fn(array $half): float => self::patch($half)->area(), $zone->halves($length))),
                1e-12,
            );
        }
    }

    /** @return iterable<string, array{array{float, float, float, float}}> */
    public static function odd(): iterable
    {
        yield 'beyond the left' => [[-0.1, 0.5, 0.0, 1.0]];
        yield 'beyond the right' => [[0.5, 1.1, 0.0, 1.0]];
        yield 'before the front' => [[0.0, 0.5, -0.1, 1.0]];
        yield 'behind the back' => [[0.0, 0.5, 0.0, 1.1]];
        yield 'narrower than a hundredth' => [[0.5, 0.505, 0.0, 1.0]];
        yield 'turned round' => [[0.0, 0.5, 0.9, 0.1]];
    }

    /** @param array{float, float, float, float} $at */
    #[DataProvider('odd')]
    public function testWhatIsNoPartOfTheBedIsRefused(array $at): void
    {
        $this->expectException(SubstrateFault::class);
        self::patch($at);
    }
}
