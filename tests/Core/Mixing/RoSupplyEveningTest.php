<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Cresco\Core\Mixing\RoSupply;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Several tanks fed from one reservoir in an evening, held against a clock that ticks by the second. */
final class RoSupplyEveningTest extends TestCase
{
    public function testEachTankGetsItsWaterWhenAClockSaysSo(): void
    {
        $chance = new Randomizer(new Mt19937(17));
        for ($i = 0; $i < 40; ++$i) {
            $capacity = (float) $chance->getInt(20, 120);
            $supply = new RoSupply((float) $chance->getInt(60, 400), 3.0, $capacity, $chance->getInt(0, 100) / 100 * $capacity);
            $needs = [];
            foreach (range(1, $chance->getInt(1, 4)) as $n) {
                $needs["tank $n"] = (float) $chance->getInt(1, (int) $capacity);
            }
            $plan = $supply->evening($needs);
            self::assertSame(array_sum($needs), array_sum(array_column($plan, 'litres')));
            self::assertSame($this->sorted($needs), array_column($plan, 'litres'));

            $perSecond = $supply->litresPerDay / 86400.0;
            $level = $supply->level;
            $seconds = 0;
            foreach ($plan as $step) {
                while ($level < $step['litres'] - 1e-9) {
                    $level = min($capacity, $level + $perSecond);
                    ++$seconds;
                }
                // Within the seconds that the clock rounds each wait up by.
                self::assertEqualsWithDelta($seconds / 3600.0, $step['ready'], 5.0 / 3600.0);
                $level -= $step['litres'];
                self::assertEqualsWithDelta($level, $step['left'], 5.0 * $perSecond + 1e-6);
            }
        }
    }

    public function testAFullStoreServesAtOnceAndAnEmptyOneTakesItsTime(): void
    {
        self::assertSame([0.0, 0.0], array_column((new RoSupply(120.0, 3.0, 60.0, 60.0))->evening(['a' => 20.0, 'b' => 40.0]), 'ready'));
        // 20 L at 5 L an hour, then 40 more.
        self::assertEqualsWithDelta([4.0, 12.0], array_column((new RoSupply(120.0, 3.0, 60.0, 0.0))->evening(['b' => 40.0, 'a' => 20.0]), 'ready'), 1e-9);
        self::assertSame([], (new RoSupply(120.0, 3.0, 60.0, 0.0))->evening([]));
    }

    /**
     * @param array<string, float> $needs
     *
     * @return list<float>
     */
    private function sorted(array $needs): array
    {
        $litres = array_values($needs);
        sort($litres);

        return $litres;
    }
}
