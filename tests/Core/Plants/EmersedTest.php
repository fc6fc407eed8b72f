<?php

declare(strict_types=1);

namespace Tests\Core\Plants;

use Cresco\Core\Plants\Emersed;
use Cresco\Core\Plants\PlantsFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EmersedTest extends TestCase
{
    /** @return iterable<string, array{int, int, int|null}> days since planted and since leaves were taken, day on which they are due */
    public static function days(): iterable
    {
        yield 'planted today' => [0, 0, 2];
        yield 'planted five days ago, never looked through' => [5, 5, -3];
        yield 'looked through yesterday' => [20, 1, 1];
        yield 'looked through before it was planted here' => [3, 30, -1];
        yield 'the last day of six weeks' => [42, 2, 0];
        yield 'settled' => [43, 2, null];
    }

    #[DataProvider('days')]
    public function testMeltingLeavesAreDueEveryOtherDayForSixWeeks(int $planted, int $taken, ?int $day): void
    {
        self::assertSame($day, Emersed::due($planted, $taken)?->from);
    }

    public function testDaysBelowNothingAreRefused(): void
    {
        $this->expectException(PlantsFault::class);
        Emersed::due(-1, 0);
    }
}
