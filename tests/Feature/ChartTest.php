<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Chart;
use App\Drawing\ChartPoint;
use App\Drawing\ChartTime;
use App\Models\Keeper;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;

/** One quantity over time as it is drawn. */
final class ChartTest extends FeatureCase
{
    private const DAY = 86_400.0;

    /**
     * @param array{tests?: list<ChartPoint>, course?: list<ChartPoint>, bars?: list<ChartPoint>, range?: array{float|null, float|null}, limit?: float, words?: array<int, string>} $drawn
     */
    private function chart(array $drawn, float $back = 56.0, float $ahead = 56.0): Chart
    {
        return new Chart('nitrate', 'Nitrate', 'mg/L', 'Nitrate.', $this->days($back, $ahead), ...$drawn);
    }

    private function days(float $back, float $ahead): ChartTime
    {
        $this->travelTo('2026-06-01 12:00');
        $now = (float) CarbonImmutable::now()->getTimestamp();

        return new ChartTime($now - $back * self::DAY, $now + $ahead * self::DAY, (new Keeper())->show(), 100.0);
    }

    /** A value so many days from today. */
    private static function at(float $days, float $value, ?float $low = null, ?float $high = null, string $said = 'said'): ChartPoint
    {
        return new ChartPoint(CarbonImmutable::parse('2026-06-01 12:00')->getTimestamp() + $days * self::DAY, $value, $low, $high, $said);
    }

    public function testValuesHaveRoundFiguresThatHoldThemTheirSpreadAndTheTarget(): void
    {
        $chart = $this->chart(['tests' => [self::at(-10, 12.0, 8.0, 33.0)], 'range' => [5.0, 30.0]]);
        self::assertSame(['0', '10', '20', '30', '40'], array_column($chart->levels, 1));
        self::assertSame([100.0, 75.0, 50.0, 25.0, 0.0], array_column($chart->levels, 0));
        // 30 of 40 from the foot, down to 5 of 40.
        self::assertSame([25.0, 62.5], $chart->target());
        // Ten of 56 days before the middle of what is right of the figures, from 8 to 33.
        self::assertSame('M469.6 80V17.5', $chart->spreads());
    }

    public function testATargetThatIsOpenGoesToTheEnd(): void
    {
        self::assertSame(
            [0.0, 75.0],
            $this->chart(['tests' => [self::at(-1, 40.0)], 'range' => [10.0, null], 'words' => [0 => 'none', 40 => 'most']])->target(),
        );
    }

    public function testWhatIsAheadIsDrawnApartAndAmountsStandOnZero(): void
    {
        $chart = $this->chart(['course' => [self::at(-56, 0.0), self::at(0, 10.0), self::at(56, 20.0)], 'bars' => [self::at(-28, 20.0)]]);
        self::assertSame('100,100 550,50', $chart->middle(false));
        self::assertSame('550,50 1000,0', $chart->middle(true));
        self::assertStringStartsWith('M323.0 100.0V0.0', $chart->columns(false));
        self::assertSame('', $chart->columns(true));
    }

    /** @return iterable<string, array{float, float, list<string>}> days back and ahead, and the dates that stand below */
    public static function stretches(): iterable
    {
        yield 'eight weeks on both sides' => [56.0, 56.0, ['6 Apr', '4 May', 'today', '29 Jun', '27 Jul']];
        yield 'three months' => [91.0, 0.0, ['9 Mar', '23 Mar', '6 Apr', '20 Apr', '4 May', '18 May', 'today']];
        yield 'a week' => [7.0, 0.0, ['25 May', '26 May', '27 May', '28 May', '29 May', '30 May', '31 May', 'today']];
        yield 'three years, by months' => [1095.0, 0.0, ['Jun 2023', 'Dec 2023', 'Jun 2024', 'Dec 2024', 'Jun 2025', 'Dec 2025', 'today']];
    }

    /** @param list<string> $dates */
    #[DataProvider('stretches')]
    public function testDatesStandAtRoundStepsFromToday(float $back, float $ahead, array $dates): void
    {
        self::assertSame($dates, array_column($this->days($back, $ahead)->ticks(), 1));
    }

    public function testWhatIsPointedAtIsToldInTheOrderOfTheDaysAndNoMoreThanAFingerFinds(): void
    {
        $course = array_map(static fn(int $i): ChartPoint => self::at($i / 10.0, 1.0, null, null, "$i"), range(-500, 500));
        /** @var list<array{float, string}> $told */
        $told = json_decode(
            $this->chart(['course' => $course, 'tests' => [self::at(-3, 2.0, null, null, 'tested'), self::at(-2, 2.0, null, null, '')]])->told(),
            true,
        );
        self::assertLessThanOrEqual(121, count($told));
        self::assertSame('500', $told[count($told) - 1][1]);
        $places = array_column($told, 0);
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertNotContains('', array_column($told, 1));
    }
}
