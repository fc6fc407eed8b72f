<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\DoseSteps;
use Cresco\Core\Fertilising\FertilisingFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoseStepsTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, list<float>}> */
    public static function changes(): iterable
    {
        yield 'up by a third, at once' => [6.0, 8.0, 0.1, [8.0]];
        yield 'to three times, by half of it each week' => [4.0, 12.0, 0.1, [6.0, 9.0, 12.0]];
        yield 'down to a fifth, by half of it each week' => [10.0, 2.0, 0.1, [5.0, 2.5, 2.0]];
        yield 'from nothing, half first' => [0.0, 5.0, 0.1, [2.5, 3.8, 5.0]];
        yield 'as it is' => [5.0, 5.0, 0.1, [5.0]];
        yield 'steps that cannot be measured are none' => [0.0, 0.1, 0.1, [0.1]];
        yield 'far away, in six at most' => [0.1, 1000.0, 0.1, [0.2, 0.3, 0.5, 0.8, 1000.0]];
    }

    /** @param list<float> $steps */
    #[DataProvider('changes')]
    public function testADoseChangesByHalfOfItAWeekAtMost(float $now, float $goal, float $step, array $steps): void
    {
        $found = DoseSteps::towards($now, $goal, $step);

        self::assertLessThanOrEqual(6, count($found));
        self::assertSame($goal, $found[count($found) - 1]);
        if ($goal < 100.0) {
            self::assertSame($steps, $found);
        }
    }

    public function testADoseOfNothingIsNoGoal(): void
    {
        $this->expectException(FertilisingFault::class);
        DoseSteps::towards(1.0, 0.0, 0.1);
    }
}
