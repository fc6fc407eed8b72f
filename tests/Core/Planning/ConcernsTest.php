<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Concerns;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Water\WaterState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the readings of a tank ask for, and how soon. */
final class ConcernsTest extends TestCase
{
    /**
     * @return iterable<string, array{AnimalGroup, array<string, array{float, float}>, string|null, Urgency|null}> readings as mean and
     *     spread; key and urgency of the first concern
     */
    public static function tanks(): iterable
    {
        $fish = AnimalGroup::Community;
        $shrimp = AnimalGroup::HardyShrimp;
        yield 'all well' => [$fish, ['nitrate' => [20.0, 4.0], 'ph' => [7.0, 0.1], 'temperature' => [24.0, 0.3], 'ammonium' => [0.0, 0.02]], null, null];
        yield 'nothing read' => [$fish, [], null, null];
        // 1.5 mg/L NH4 = 1.17 mg/L N; at pH 8 and 25 °C 5.4 % of it is free (Emerson 1975): 0.063 mg/L N, above 0.05.
        yield 'ammonium 1.5 at pH 8' => [$fish, ['ammonium' => [1.5, 0.05], 'ph' => [8.0, 0.05], 'temperature' => [25.0, 0.3]], 'free_ammonia', Urgency::Alarm];
        // The same at pH 6.5: 0.18 % free, 0.0014 mg/L N; 1 mg/L is an alarm by itself.
        yield 'ammonium 1 at pH 6.5' => [$fish, ['ammonium' => [1.0, 0.05], 'ph' => [6.5, 0.05], 'temperature' => [25.0, 0.3]], 'ammonium', Urgency::Alarm];
        yield 'ammonium 3 with no pH read' => [$fish, ['ammonium' => [3.0, 0.3]], 'free_ammonia', Urgency::Alarm];
        yield 'ammonium 0.3 at pH 6.5' => [
            $fish, ['ammonium' => [0.3, 0.02], 'ph' => [6.5, 0.05], 'temperature' => [25.0, 0.3]], 'ammonium_seen', Urgency::Today,
        ];
        yield 'nitrite 0.3 with fish' => [$fish, ['nitrite' => [0.3, 0.03]], 'nitrite_seen', Urgency::Today];
        yield 'nitrite 0.3 with shrimp' => [$shrimp, ['nitrite' => [0.3, 0.03]], 'nitrite', Urgency::Alarm];
        yield 'nitrite 1 with fish' => [$fish, ['nitrite' => [1.0, 0.1]], 'nitrite', Urgency::Alarm];
        // The hobby's table, CO2 = 3 KH 10^(7 - pH): KH 4 and pH 6.4 are 48 mg/L, pH 6.0 120, pH 6.8 19.
        yield 'gas at KH 4 and pH 6.4' => [
            $fish, ['ph' => [6.4, 0.05], 'carbonate_hardness' => [Alkalinity::fromDegrees(4.0)->milliequivalentPerLitre, 0.05]], 'carbon_dioxide',
            Urgency::Today,
        ];
        yield 'gas at KH 4 and pH 6.0' => [
            $fish, ['ph' => [6.0, 0.05], 'carbonate_hardness' => [Alkalinity::fromDegrees(4.0)->milliequivalentPerLitre, 0.05]], 'carbon_dioxide_far',
            Urgency::Alarm,
        ];
        yield 'little gas' => [$fish, ['ph' => [6.8, 0.05], 'carbonate_hardness' => [Alkalinity::fromDegrees(4.0)->milliequivalentPerLitre, 0.05]], null, null];
        // Other acids hide the gas in soft water.
        yield 'soft water' => [
            AnimalGroup::SoftWaterShrimp,
            ['ph' => [6.0, 0.05], 'carbonate_hardness' => [Alkalinity::fromDegrees(0.5)->milliequivalentPerLitre, 0.02]], null, null,
        ];
        // Kept at 22 to 26, step 3: 29 is the border between today and now.
        yield '31 degrees' => [$fish, ['temperature' => [31.0, 0.3]], 'hot', Urgency::Alarm];
        yield '28 degrees' => [$fish, ['temperature' => [28.0, 0.3]], 'warm', Urgency::Today];
        yield '20.5 degrees' => [$fish, ['temperature' => [20.5, 0.3]], 'cool', Urgency::Today];
        yield '17 degrees' => [$fish, ['temperature' => [17.0, 0.3]], 'cold', Urgency::Alarm];
        yield 'nitrate 90, kept to 30' => [$fish, ['nitrate' => [90.0, 10.0]], 'nitrate_far', Urgency::Today];
        yield 'nitrate 45, kept to 30' => [$fish, ['nitrate' => [45.0, 5.0]], 'nitrate', Urgency::Next];
        yield 'nitrate 32 on a coarse chart is likely above 30, and not known to be' => [$fish, ['nitrate' => [32.0, 8.0]], 'nitrate_likely', Urgency::Note];
        yield 'pH 8.5, kept to 7.6 with a step of 0.6' => [$fish, ['ph' => [8.5, 0.1]], 'above', Urgency::Today];
        yield 'pH 7.9' => [$fish, ['ph' => [7.9, 0.1]], 'above', Urgency::Note];
        yield 'KH 0.5' => [$fish, ['carbonate_hardness' => [Alkalinity::fromDegrees(0.5)->milliequivalentPerLitre, 0.02]], 'below', Urgency::Note];
    }

    /** @param array<string, array{float, float}> $read */
    #[DataProvider('tanks')]
    public function testTheWorstComesFirst(AnimalGroup $group, array $read, ?string $key, ?Urgency $urgency): void
    {
        $found = Concerns::of(self::water($read), new Needs($group));

        self::assertSame($key, ($found[0] ?? null)?->key);
        self::assertSame($urgency, ($found[0] ?? null)?->urgency);
    }

    public function testConcernsAreSortedByUrgency(): void
    {
        $found = Concerns::of(
            self::water(['nitrate' => [45.0, 4.0], 'ph' => [7.9, 0.05], 'nitrite' => [1.0, 0.1], 'temperature' => [28.0, 0.2]]),
            new Needs(AnimalGroup::Community),
        );

        self::assertSame(['nitrite', 'warm', 'nitrate', 'above'], array_map(static fn(Concern $concern): string => $concern->key, $found));
    }

    public function testALimitThatWillBePassedIsSaidWithItsDays(): void
    {
        // 27 + 3 a day passes 30 in one day; at 0.5 a day it takes six, more than three.
        $soon = Concerns::of(self::water(['nitrate' => [27.0, 1.0]]), new Needs(AnimalGroup::Community), 3.0);

        self::assertSame('nitrate_soon', ($soon[0] ?? null)?->key);
        self::assertEqualsWithDelta(1.0, $soon[0]->value, 1e-9);
        self::assertSame([], Concerns::of(self::water(['nitrate' => [27.0, 1.0]]), new Needs(AnimalGroup::Community), 0.5));
    }

    /** @return iterable<string, array{float, string}> nitrate of a spread of 7.7 under a limit of 30, in a tank that makes 1 mg/L a day */
    public static function aboutTheLimit(): iterable
    {
        foreach (range(28, 30) as $value) {
            yield "$value" => [(float) $value, 'nitrate_soon'];
        }
        foreach (range(31, 39) as $value) {
            yield "$value" => [(float) $value, 'nitrate_likely'];
        }
        // From 39.87 on nine tenths of it lie over 30.
        foreach ([40, 50, 60] as $value) {
            yield "$value" => [(float) $value, 'nitrate'];
        }
        yield '61' => [61.0, 'nitrate_far'];
    }

    #[DataProvider('aboutTheLimit')]
    public function testAboutALimitThereIsNoHole(float $value, string $key): void
    {
        $found = Concerns::of(self::water(['nitrate' => [$value, 7.7]]), new Needs(AnimalGroup::Community, [Parameter::Nitrate->value => [0.0, 30.0]]), 1.0);
        self::assertSame([$key], array_map(static fn(Concern $concern): string => $concern->key, $found));
    }

    public function testTheKeepersOwnRangeCounts(): void
    {
        $water = self::water(['temperature' => [28.0, 0.2]]);

        self::assertSame([], Concerns::of($water, new Needs(AnimalGroup::Community, [Parameter::Temperature->value => [26.0, 30.0]])));
    }

    /** @param array<string, array{float, float}> $read */
    private static function water(array $read): WaterState
    {
        return new WaterState('the tank', array_map(static fn(array $value): NormalValue => new NormalValue(...$value), $read));
    }
}
