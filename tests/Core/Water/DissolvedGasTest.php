<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DissolvedGasTest extends TestCase
{
    private static function degrees(float $degrees, float $off = 0.0): NormalValue
    {
        return new NormalValue($degrees * Alkalinity::MILLIEQUIVALENT_PER_DEGREE, $off * Alkalinity::MILLIEQUIVALENT_PER_DEGREE);
    }

    /** @return iterable<string, array{float, float}> */
    public static function waters(): iterable
    {
        yield 'a planted tank with gas' => [6.6, 4.0];
        yield 'one without' => [7.2, 4.0];
        yield 'hard water' => [7.5, 12.0];
    }

    /** The common rule 3 dKH 10^(7 - pH), from K1 at 25 degrees in fresh water. */
    #[DataProvider('waters')]
    public function testItIsWithinATenthOfTheCommonRule(float $ph, float $degrees): void
    {
        $rule = 3.0 * $degrees * 10.0 ** (7.0 - $ph);
        $gas = DissolvedGas::of(new NormalValue($ph, 0.0), self::degrees($degrees), 25.0, 300.0);

        self::assertNotNull($gas);
        self::assertEqualsWithDelta($rule, $gas->level, 0.1 * $rule);
        self::assertEqualsWithDelta($gas->level, $gas->low, 1e-12);
    }

    public function testATenthOfPhIsAQuarterOfTheGas(): void
    {
        $gas = DissolvedGas::of(new NormalValue(6.6, 0.1), self::degrees(4.0), 25.0, 300.0);
        self::assertNotNull($gas);
        // 1.2816 deviations of 0.1: times 10^0.12816.
        self::assertEqualsWithDelta(10.0 ** 0.12816, $gas->high / $gas->level, 1e-4);
        self::assertEqualsWithDelta(10.0 ** -0.12816, $gas->low / $gas->level, 1e-4);
    }

    public function testTheBandIsThatOfItsWorking(): void
    {
        [$ph, $kh] = [new NormalValue(6.65, 0.05), self::degrees(2.5, 0.29)];
        $gas = DissolvedGas::of($ph, $kh, 24.0, 280.0);
        $working = Carbonate::carbonDioxideOf(
            new WaterState(
                'the tank',
                ['ph' => $ph, 'carbonate_hardness' => $kh, 'temperature' => new NormalValue(24.0, 0.0), 'conductivity' => new NormalValue(280.0, 0.0)],
            ),
            Unit::usual(Parameter::CarbonateHardness),
        )->estimate('mg');

        self::assertNotNull($gas);
        self::assertEqualsWithDelta($gas->level, $working->central(), 0.01 * $gas->level);
        self::assertEqualsWithDelta($gas->low, $working->low(), 0.03 * $gas->low);
        self::assertEqualsWithDelta($gas->high, $working->high(), 0.03 * $gas->high);
    }

    public function testNothingIsSaidOfSoftWater(): void
    {
        self::assertNull(DissolvedGas::of(new NormalValue(6.0, 0.1), self::degrees(0.9), 25.0, 100.0));
        self::assertNotNull(DissolvedGas::of(new NormalValue(6.0, 0.1), self::degrees(1.01), 25.0, 100.0));
    }
}
