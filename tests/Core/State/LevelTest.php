<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LevelTest extends TestCase
{
    public function testOneBellIsABell(): void
    {
        $level = new Level([[1.0, 20.0, 3.0]]);
        $bell = new NormalValue(20.0, 3.0);
        foreach ([0.1, 0.5, 0.9] as $share) {
            self::assertEqualsWithDelta($bell->quantile($share), $level->quantile($share), 1e-9);
        }
        self::assertSame(0.0, (new Level([[1.0, 1.0, 3.0]]))->quantile(0.1));
    }

    public function testOfBellsThatLieApartHalfOfAllLiesBelowTheMiddle(): void
    {
        $level = new Level([[0.7, 10.0, 1.0], [0.3, 80.0, 5.0]]);
        // Half of all are five sevenths of the lower one; nine tenths leave a third of the upper one above.
        self::assertEqualsWithDelta(10.0 + NormalValue::standardQuantile(5.0 / 7.0), $level->central(), 0.05);
        self::assertEqualsWithDelta(80.0 + 5.0 * NormalValue::standardQuantile(2.0 / 3.0), $level->quantile(0.9), 0.05);
        self::assertEqualsWithDelta(sqrt(0.7 * 0.3 * 70.0 ** 2 + 0.7 + 0.3 * 25.0), $level->spread(), 1e-9);
        $twice = $level->scaled(2.0, 1.0);
        self::assertEqualsWithDelta(2.0 * $level->quantile(0.9) + 1.0, $twice->quantile(0.9), 0.1);
    }

    /** @return iterable<string, array{list<array{float, float, float}>, array{float, float}|null}> bells, and where they lie apart */
    public static function bells(): iterable
    {
        yield 'one' => [[[1.0, 10.0, 2.0]], null];
        yield 'two that agree' => [[[0.5, 10.0, 2.0], [0.5, 12.0, 2.0]], null];
        yield 'two that do not' => [[[0.6, 10.0, 2.0], [0.4, 40.0, 5.0]], [10.0, 40.0]];
        yield 'one of them too light to ask about' => [[[0.92, 10.0, 2.0], [0.08, 40.0, 5.0]], null];
        yield 'three, two of which agree' => [[[0.5, 40.0, 5.0], [0.3, 10.0, 2.0], [0.2, 12.5, 2.0]], [11.0, 40.0]];
    }

    /**
     * @param non-empty-list<array{float, float, float}> $bells
     * @param array{float, float}|null                   $apart
     */
    #[DataProvider('bells')]
    public function testItIsOpenWhereBellsOfATenthAndMoreDisagree(array $bells, ?array $apart): void
    {
        self::assertEquals($apart, (new Level($bells))->apart());
    }

    public function testAKitThatIsOffWidensWithTheLevel(): void
    {
        // 3-4-5.
        self::assertEqualsWithDelta(5.0, (new Level([[1.0, 100.0, 3.0]]))->widened(0.04)->spread(), 1e-9);
    }
}
