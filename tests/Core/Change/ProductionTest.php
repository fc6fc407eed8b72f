<?php

declare(strict_types=1);

namespace Tests\Core\Change;

use Cresco\Core\Change\Production;
use Cresco\Core\Measure\Exact;
use Cresco\Core\Measure\Normal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a tank makes in a day, from readings between changes. */
final class ProductionTest extends TestCase
{
    public function testStraightRisesBetweenChangesGiveTheirSlope(): void
    {
        $readings = [];
        foreach ([0.0, 7.0, 14.0] as $start) {
            foreach ([0.1, 3.0, 6.9] as $day) {
                $readings[] = [$start + $day, new Normal(10.0 + 1.5 * $day, 1.0)];
            }
        }
        shuffle($readings);
        $learned = Production::learned($readings, [14.0, 0.0, 7.0]);

        self::assertEqualsWithDelta(1.5, $learned->perDay ?? NAN, 1e-9);
        self::assertCount(3, $learned->stretches ?? []);
        // Three stretches of three: mean day 10/3, squares 10.454 + 0.111 + 12.721 each; 1 / sqrt(3 * 23.287).
        self::assertEqualsWithDelta(1.0 / sqrt(3 * 23.2867), $learned->spread ?? NAN, 1e-4);
    }

    public function testAChangeInBetweenIsNoProduction(): void
    {
        // Without the changes the line would fall: 20, 27 | 13, 20 | 6, 13.
        $readings = [];
        foreach ([0 => 20.0, 7 => 13.0, 14 => 6.0] as $start => $low) {
            $readings[] = [$start + 0.5, new Normal($low, 2.0)];
            $readings[] = [$start + 6.5, new Normal($low + 6.0, 2.0)];
        }

        self::assertEqualsWithDelta(1.0, Production::learned($readings, [7.0, 14.0])->perDay ?? NAN, 1e-9);
        self::assertNull(Production::learned($readings, []));
    }

    public function testTooLittleSaysNothing(): void
    {
        self::assertNull(Production::learned([], []));
        self::assertNull(Production::learned([[0.0, new Exact(3.0)], [1.0, new Exact(4.0)], [8.0, new Exact(3.0)], [9.0, new Exact(4.0)], [16.0, new Exact(3.0)], [17.0, new Exact(4.0)]], [7.5, 15.5]));
    }

    public function testStretchesThatScatterWidenTheBandAndExactOnesDoNotBreakIt(): void
    {
        $of = static fn(float $slope, float $start): array => [[$start, new Normal(5.0, 0.1)], [$start + 4.0, new Normal(5.0 + 4.0 * $slope, 0.1)]];
        $alike = Production::learned([...$of(1.0, 0), ...$of(1.0, 7), ...$of(1.0, 14)], [6.0, 13.0]);
        $apart = Production::learned([...$of(0.2, 0), ...$of(1.0, 7), ...$of(1.8, 14)], [6.0, 13.0]);
        self::assertEqualsWithDelta($alike->perDay ?? NAN, $apart->perDay ?? NAN, 1e-9);
        self::assertGreaterThan(10.0 * ($alike->spread ?? NAN), $apart->spread ?? NAN);
        $exact = Production::learned([[0.0, new Exact(1.0)], [3.0, new Exact(4.0)], [7.0, new Exact(1.0)], [10.0, new Exact(4.0)], [14.0, new Exact(1.0)], [17.0, new Exact(4.0)]], [6.0, 13.0]);
        self::assertEqualsWithDelta(1.0, $exact->perDay ?? NAN, 1e-9);
    }

    public function testTheBandHoldsTheTruthAsOftenAsItSays(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        $uniform = static fn(): float => ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);
        $noise = static fn(): float => sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
        $held = 0;
        for ($i = 0; $i < 400; ++$i) {
            $readings = $changes = [];
            for ($week = 0; $week < 12; ++$week) {
                $changes[] = 7.0 * $week;
                foreach ([0.2, 3.0, 6.8] as $day) {
                    $readings[] = [7.0 * $week + $day, new Normal(12.0 + 1.2 * $day + 3.0 * $noise(), 3.0)];
                }
            }
            $learned = Production::learned($readings, $changes);
            $held += $learned !== null && abs($learned->perDay - 1.2) <= 1.2816 * $learned->spread ? 1 : 0;
        }
        // Eight of ten; more when the scatter is taken for wider than it is.
        self::assertGreaterThan(0.76 * 400, $held);
        self::assertLessThan(0.9 * 400, $held);
    }
}
