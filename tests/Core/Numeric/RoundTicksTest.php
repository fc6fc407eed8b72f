<?php

declare(strict_types=1);

namespace Tests\Core\Numeric;

use Cresco\Core\Numeric\RoundTicks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Round values along an axis. */
final class RoundTicksTest extends TestCase
{
    /** @return iterable<string, array{float, float, int, list<float>, int}> */
    public static function axes(): iterable
    {
        yield 'nitrate' => [3.0, 38.0, 4, [0.0, 10.0, 20.0, 30.0, 40.0], 0];
        yield 'fewer steps' => [3.0, 38.0, 2, [0.0, 20.0, 40.0], 0];
        yield 'pH' => [6.55, 6.92, 4, [6.4, 6.6, 6.8, 7.0], 1];
        yield 'iron' => [0.0, 0.1, 2, [0.0, 0.05, 0.1], 2];
        yield 'conductivity' => [213.0, 238.0, 4, [210.0, 220.0, 230.0, 240.0], 0];
        yield 'below nothing' => [-3.2, 4.1, 4, [-5.0, 0.0, 5.0], 0];
        yield 'a value alone' => [7.0, 7.0, 2, [6.5, 7.0, 7.5], 1];
        yield 'exactly on a step' => [0.2, 0.8, 3, [0.2, 0.4, 0.6, 0.8], 1];
    }

    /** @param list<float> $values */
    #[DataProvider('axes')]
    public function testTicksAreRoundAndHoldAllValues(float $low, float $high, int $most, array $values, int $decimals): void
    {
        $ticks = RoundTicks::between($low, $high, $most);
        self::assertEqualsWithDelta($values, $ticks->values, 1e-9);
        self::assertSame($decimals, $ticks->decimals);
        self::assertLessThanOrEqual($most + 1, count($ticks->values));
        self::assertTrue($ticks->low() <= $low + 1e-9 && $ticks->high() >= $high - 1e-9);
    }
}
