<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Cresco\Core\Mixing\Membrane;
use Cresco\Core\Mixing\RoSupply;
use Cresco\Core\Mixing\StoreFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoSupplyTest extends TestCase
{
    public function testTheUnitRunsAsLongAsTheStoreLacks(): void
    {
        // 60 L wanted, 12 in store, 144 L a day: 48 L at 6 an hour.
        $supply = new RoSupply(144.0, 3.0, 80.0, 12.0);

        self::assertEqualsWithDelta(8.0, $supply->hoursFor(60.0), 1e-9);
        self::assertEqualsWithDelta(144.0, $supply->wasteFor(60.0), 1e-9);
        self::assertSame(0.0, $supply->hoursFor(10.0));
        self::assertEqualsWithDelta(8.0, $supply->working(60.0)->value('hours'), 1e-9);
    }

    public function testSeveralTanksAreFedOneAfterTheOther(): void
    {
        $plan = (new RoSupply(240.0, 2.0, 60.0, 30.0))->evening(['large' => 50.0, 'small' => 20.0]);

        // The small one at once, leaving 10; 40 more at 10 L an hour for the large one.
        self::assertSame(['small', 'large'], array_column($plan, 'name'));
        self::assertEqualsWithDelta([0.0, 4.0], array_column($plan, 'ready'), 1e-9);
        self::assertEqualsWithDelta([10.0, 0.0], array_column($plan, 'left'), 1e-9);
    }

    public function testATrendLeadsToTheDayTheMembraneIsDue(): void
    {
        // 98 % at first, a tenth of a percent less each 10 days: 97 % after 100 days, due at 90 after 700 more.
        $readings = [];
        for ($day = 0; $day <= 100; $day += 10) {
            $readings[] = [(float) $day, 500.0, 500.0 * (0.02 + 0.0001 * $day), false];
        }
        $membrane = Membrane::trend($readings, 100.0);

        // Eleven readings of 0.6 % each against a guess of 95 ± 3 %: the guess weighs 1,111 beside 305,556.
        self::assertEqualsWithDelta((1111.111 * 0.95 + 305555.556 * 0.97) / 306666.667, (float) $membrane?->now, 1e-8);
        self::assertEqualsWithDelta(700.0, (float) $membrane?->daysLeft, 1.0);
        self::assertEqualsWithDelta(0.006 / sqrt(11.04), (float) $membrane?->held->spread, 1e-8);
    }

    public function testTheFirstOutputAndOneWildReadingDoNotBendTheTrend(): void
    {
        $steady = [[0.0, 500.0, 15.0, false], [10.0, 500.0, 15.0, false], [20.0, 500.0, 15.0, false], [30.0, 500.0, 15.0, false], [40.0, 500.0, 15.0, false]];
        $membrane = Membrane::trend([...$steady, [25.0, 500.0, 250.0, false], [35.0, 500.0, 90.0, true]], 40.0);

        self::assertEqualsWithDelta(0.97, (float) $membrane?->now, 0.002);
        self::assertSame([5, [25.0]], [$membrane?->readings, $membrane?->held->aside]);
        self::assertNull(Membrane::trend([[1.0, 500.0, 90.0, true]], 1.0));
    }

    public function testAMembraneBelowNineTenthsIsDueNow(): void
    {
        self::assertSame(0.0, Membrane::trend([[0.0, 500.0, 80.0, false]], 0.0)?->daysLeft);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'a unit that makes nothing' => [static fn() => new RoSupply(0.0, 2.0, 60.0, 10.0)];
        yield 'a level below nothing' => [static fn() => new RoSupply(100.0, 2.0, 60.0, -1.0)];
        yield 'water that conducts nothing going in' => [static fn() => Membrane::rejection(0.0, 3.0)];
    }

    /** @param callable(): mixed $try */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefused(callable $try): void
    {
        $this->expectException(StoreFault::class);
        $try();
    }
}
