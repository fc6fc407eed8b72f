<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\Doses;
use PHPUnit\Framework\TestCase;

final class PeakTest extends TestCase
{
    public function testWeeklyDosesWithHalfChangedSettleAtTwiceTheDose(): void
    {
        // 10 a week and half of it changed just before: 10 + 5 + 2.5 ... nears 20, whatever was there at first.
        self::assertEqualsWithDelta(20.0, Doses::peak(0.0, 0.0, 0.0, 10.0, 7, 0.5, 7, 0.0, 200), 0.01);
        // What stands higher at first is the highest.
        self::assertSame(35.0, Doses::peak(35.0, 0.0, 0.0, 0.0, 7, 0.5, 7, 0.0, 56));
        // What is made adds 7 a week: 14 before each change, on 20 after the dose less the 7 of the next week.
        self::assertEqualsWithDelta(10.0 + 0.5 * 34.0, Doses::peak(0.0, 1.0, 0.0, 10.0, 7, 0.5, 7, 0.0, 400) - 7.0, 0.01);
        // Lost by half each day, a dose each day: 1 / (1 - 1/2).
        self::assertEqualsWithDelta(2.0, Doses::peak(0.0, 0.0, log(2.0), 1.0, 1, 0.0, 7, 0.0, 60), 1e-6);
    }
}
