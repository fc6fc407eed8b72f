<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\State\Strength;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ions;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Mixes by strength against the conductivity of the mixed ions themselves. */
final class StrengthTest extends TestCase
{
    public function testThereAndBackIsTheSame(): void
    {
        foreach ([0.0, 1.0, 15.0, 330.0, 830.0, 4000.0, 20000.0] as $conductivity) {
            self::assertEqualsWithDelta($conductivity, Strength::conductivity(Strength::of($conductivity)), 1e-6 * max(1.0, $conductivity));
        }
        // By hand: 578 (1 - 0.0056 x 24.04) is 500.2.
        self::assertEqualsWithDelta(577.8, Strength::of(500.0), 0.3);
    }

    public function testAMixByStrengthIsThatOfItsIonsWhereAStraightOneIsTooLow(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $between = static fn(float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1e6;
        $of = static fn(float $most): float => $between(0.02 * $most, $most);
        $squares = $straight = 0.0;
        $count = 0;
        while ($count < 200) {
            [$calcium, $magnesium, $sodium, $potassium] = [$of(2.5), $of(1.0), $of(1.5), $of(0.3)];
            $charge = 2.0 * ($calcium + $magnesium) + $sodium + $potassium;
            $carbonate = $charge * $between(0.1, 0.8);
            $sulfate = ($charge - $carbonate) * $between(0.0, 0.6) / 2.0;
            $water = Ions::millimoles([
                'Ca' => $calcium, 'Mg' => $magnesium, 'Na' => $sodium, 'K' => $potassium, 'HCO3' => $carbonate, 'SO4' => $sulfate,
                'Cl' => $charge - $carbonate - 2.0 * $sulfate,
            ]);
            $whole = Conductance::of($water)->microsiemens;
            if ($whole < 20.0 || $whole > 830.0) {
                continue;
            }
            ++$count;
            $share = $between(0.2, 0.8);
            $mixed = Conductance::of($water->times($share))->microsiemens;
            $squares += (Strength::conductivity($share * Strength::of($whole)) / $mixed - 1.0) ** 2;
            $straight += ($share * $whole / $mixed - 1.0) / 200.0;
        }
        self::assertLessThan(0.012, sqrt($squares / 200.0));
        self::assertEqualsWithDelta(-0.045, $straight, 0.015);
    }
}
