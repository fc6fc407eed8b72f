<?php

declare(strict_types=1);

namespace Tests\Core\WaterChange;

use Cresco\Core\Formula\Estimate;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\WaterChange\ForecastCheck;
use Cresco\Core\WaterChange\Miss;
use PHPUnit\Framework\TestCase;

final class ForecastCheckTest extends TestCase
{
    /** Before, source, and the spread that forecast and test have each. */
    private const WATERS = [
        'nitrate' => [30.0, 5.0, 1.0],
        'conductivity' => [260.0, 400.0, 4.0],
        'general_hardness' => [1.1, 1.8, 0.03],
    ];

    /** @param array<string, float> $wrong added to single measurements */
    private static function after(float $planned, float $really, array $wrong = []): ForecastCheck
    {
        $look = new ForecastCheck($planned);
        foreach (self::WATERS as $name => [$before, $source, $spread]) {
            $forecast = $before + $planned * ($source - $before);
            $measured = $before + $really * ($source - $before) + ($wrong[$name] ?? 0.0);
            $look->add(
                Parameter::from($name),
                $before,
                $source,
                Estimate::of($forecast, [$forecast - $spread, $forecast + $spread]),
                new NormalValue($measured, $spread),
            );
        }

        return $look;
    }

    public function testAForecastThatHeldNeedsNoReason(): void
    {
        self::assertNull(self::after(0.4, 0.41)->explain());
    }

    public function testWhenEverythingIsOffAnotherShareWasChanged(): void
    {
        $miss = self::after(0.3, 0.5)->explain();

        self::assertSame(Miss::SHARE, $miss?->cause);
        self::assertEqualsWithDelta(0.5, $miss->likely, 0.005);
    }

    public function testWhenOneIsOffItIsItsSourceOrItsTest(): void
    {
        $miss = self::after(0.4, 0.4, ['nitrate' => 8.0])->explain();

        self::assertSame(Miss::SOURCE_OR_READING, $miss?->cause);
        self::assertSame(Parameter::Nitrate, $miss->parameter);
        // 0.6 x 30 + 0.4 x s = 28.
        self::assertEqualsWithDelta(25.0, $miss->likely, 1e-6);
    }

    public function testDeviationsCountBothSpreads(): void
    {
        self::assertEqualsWithDelta(2.0, ForecastCheck::deviationsOf(new NormalValue(20, 3), new NormalValue(30, 4)), 1e-9);
        self::assertSame(0.0, ForecastCheck::deviationsOf(new NormalValue(20, 0), new NormalValue(20, 0)));
    }

    public function testWhatWasNotMeasuredHasNoDeviation(): void
    {
        self::assertNull(self::after(0.4, 0.4)->deviations(Parameter::Acidity));
        self::assertEqualsWithDelta(-5 / sqrt(2), self::after(0.3, 0.5)->deviations(Parameter::Nitrate) ?? NAN, 0.01);
    }
}
