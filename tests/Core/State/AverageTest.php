<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Average;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class AverageTest extends TestCase
{
    public function testEachCountsByItsVariance(): void
    {
        // By hand: 4 ± 1, then 7 ± 0.5 and 6 ± 2: (4 + 4 * 7 + 6 / 4) / (1 + 4 + 1 / 4).
        $learned = Average::learned(new NormalValue(4.0, 1.0), [[7.0, 0.5, 1.0], [6.0, 2.0, 2.0]]);
        self::assertEqualsWithDelta(33.5 / 5.25, $learned->value, 1e-12);
        self::assertEqualsWithDelta(1.0 / sqrt(5.25), $learned->spread, 1e-12);
        self::assertSame([2, []], [$learned->count, $learned->aside]);
    }

    public function testNothingSeenLeavesTheGuess(): void
    {
        foreach ([[], [[NAN, 1.0, 0.0], [5.0, 0.0, 1.0], [INF, 1.0, 2.0], [5.0, INF, 3.0]]] as $seen) {
            $learned = Average::learned(new NormalValue(4.0, 1.0), $seen);
            self::assertSame([4.0, 1.0, 0], [$learned->value, $learned->spread, $learned->count]);
        }
    }

    public function testAGuessThatIsFarOffIsOverruledAndNotObeyed(): void
    {
        $learned = Average::learned(
            new NormalValue(4.0, 0.5),
            array_map(static fn(int $day): array => [12.0 + 0.1 * ($day % 3), 0.4, (float) $day], range(1, 9)),
        );
        self::assertSame([], $learned->aside);
        self::assertEqualsWithDelta(11.6, $learned->value, 0.5);
        self::assertTrue($learned->contradicts());
    }

    public function testOfTwoThatDifferNobodyKnowsWhichIsWrong(): void
    {
        self::assertSame([], Average::learned(new NormalValue(4.0, 1.0), [[4.0, 0.1, 1.0], [40.0, 0.1, 2.0]])->aside);
    }

    public function testNoMoreThanAThirdIsSetAside(): void
    {
        $seen = array_map(static fn(int $day): array => [$day % 2 === 0 ? 1.0 : 50.0 * $day, 0.1, (float) $day], range(1, 12));
        self::assertLessThanOrEqual(4, count(Average::learned(new NormalValue(1.0, 1.0), $seen)->aside));
    }

    public function testTheBandHoldsTheTruthWithOneInTenWild(): void
    {
        $chance = new Randomizer(new Mt19937(5));
        $uniform = static fn(): float => ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);
        $bell = static fn(): float => sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
        $held = 0;
        $figures = 1000;
        for ($i = 0; $i < $figures; ++$i) {
            $truth = 5.0 + $bell();
            $seen = [];
            for ($day = 0; $day < 20; ++$day) {
                $seen[] = [$truth + 0.8 * $bell() + ($day % 10 === 4 ? 15.0 : 0.0), 0.8, (float) $day];
            }
            $learned = Average::learned(new NormalValue(5.0, 1.0), $seen);
            $held += abs($learned->value - $truth) <= $learned->halfWidth() ? 1 : 0;
        }
        self::assertGreaterThan(0.75 * $figures, $held);
        self::assertLessThan(0.85 * $figures, $held);
    }
}
