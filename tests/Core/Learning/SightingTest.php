<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Cresco\Core\Learning\Sighting;
use Cresco\Core\Measure\Balance;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Reading;
use PHPUnit\Framework\TestCase;

/** A reading as the balance looks at it, by summing up what could have been shown. */
final class SightingTest extends TestCase
{
    private static function balance(): Balance
    {
        return new Balance(0.1, 1.0, 100.0);
    }

    /** Chance that a level like this one, loose by a bell, lies between two ends: summed up in small steps. */
    private static function within(float $level, float $low, float $high): float
    {
        $soft = 1.0 + 0.1 * $level;
        $sum = 0.0;
        $step = $soft / 2000.0;
        for ($x = max($low, $level - 9.0 * $soft); $x < min($high, $level + 9.0 * $soft); $x += $step) {
            $sum += $step * exp(-0.5 * (($x + 0.5 * $step - $level) / $soft) ** 2) / ($soft * sqrt(2.0 * M_PI));
        }

        return $sum;
    }

    public function testAFieldSpeaksForAllLevelsThatWouldHaveShownIt(): void
    {
        // 20 to 40 is a fifth of what kits show: of one reading in thirty that is a slip a fifth shows it.
        $seen = Sighting::of(self::balance(), Reading::between(Parameter::Nitrate, 20.0, 40.0));
        foreach ([0.0, 12.0, 20.0, 30.0, 38.0, 55.0] as $level) {
            self::assertEqualsWithDelta(0.2 / 30.0 + 29.0 / 30.0 * self::within($level, 20.0, 40.0), $seen->likelihood($level), 3e-4, (string) $level);
        }
        self::assertSame(40.0, $seen->top());
    }

    public function testTheTopOfAChartSpeaksForAllThatIsMore(): void
    {
        $seen = Sighting::of(self::balance(), Reading::atTop(Parameter::Nitrate, 40.0, 80.0));

        // From half way to the field below: 60 and more.
        foreach ([40.0, 60.0, 90.0, 300.0] as $level) {
            self::assertEqualsWithDelta(29.0 / 30.0 * self::within($level, 60.0, INF), $seen->likelihood($level) - $seen->likelihood(INF), 1e-4, (string) $level);
        }
    }

    public function testADigitIsABellAboutItself(): void
    {
        $seen = Sighting::of(self::balance(), Reading::pen(Parameter::Nitrate, 25.0, 0.1));
        $at = static fn(float $level): float => $seen->likelihood($level) - $seen->likelihood(INF);

        self::assertGreaterThan($at(24.0), $at(25.0));
        // Between levels that are as loose as each other it falls as a bell does: by its square.
        $soft = static fn(float $level): float => (1.0 + 0.1 * $level) ** 2 + 0.1 ** 2 / 12.0 + Parameter::Nitrate->penAccuracy(25.0) ** 2;
        foreach ([10.0, 18.0, 40.0] as $level) {
            self::assertEqualsWithDelta(log($at($level) * sqrt($soft($level))) + 0.5 * ($level - 25.0) ** 2 / $soft($level), log($at(25.0) * sqrt($soft(25.0))), 1e-6, (string) $level);
        }
    }

    public function testWhatNoLevelExplainsIsASlip(): void
    {
        $seen = Sighting::of(self::balance(), Reading::between(Parameter::Nitrate, 20.0, 40.0));
        self::assertFalse($seen->isOdd(30.0));
        self::assertTrue($seen->isOdd(120.0));
        self::assertTrue($seen->isOdd(INF));
        // A slip may show anything: it is never impossible, and below nothing lies nothing.
        self::assertEqualsWithDelta(0.2 / 30.0, $seen->likelihood(INF), 1e-12);
        self::assertSame($seen->likelihood(0.0), $seen->likelihood(-7.0));
    }

    public function testOddIsWhereASlipIsLikelierThanTheReading(): void
    {
        $seen = Sighting::of(self::balance(), Reading::between(Parameter::Nitrate, 20.0, 40.0));
        for ($level = 40.0; $level < 90.0; $level += 0.5) {
            self::assertSame(29.0 * self::within($level, 20.0, 40.0) < 0.2, $seen->isOdd($level), (string) $level);
        }
    }
}
