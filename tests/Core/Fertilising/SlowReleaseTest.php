<?php

declare(strict_types=1);

namespace Tests\Core\Fertilising;

use Cresco\Core\Fertilising\DosingBottle;
use Cresco\Core\Fertilising\FertilisingFault;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Fertilising\SlowRelease;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Event;
use Cresco\Core\State\MassBalance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SlowReleaseTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float}> days, and nitrate by hand: half a mg/L of nitrogen at first, 62.004 / 14.007 of it as
     *     nitrate, halved every 12 days
     */
    public static function ages(): iterable
    {
        yield 'the first day' => [0.0, 2.213];
        yield 'twelve days' => [12.0, 1.107];
        yield 'five weeks' => [36.0, 0.2767];
    }

    #[DataProvider('ages')]
    public function testYoungSoilGivesHalfAsMuchEveryTwelveDays(float $age, float $nitrate): void
    {
        self::assertEqualsWithDelta($nitrate, SlowRelease::soil($age)->value('nitrate'), 0.001);
    }

    public function testAllThatSoilGivesIsWhatItsDaysAddUpTo(): void
    {
        $events = [];
        for ($day = 0; $day < 200; ++$day) {
            $events[] = Event::added((float) $day, SlowRelease::soil((float) $day)->value('nitrate'));
        }
        $run = MassBalance::run(0.0, $events, 0.0, 0.0, -1.0, 200.0);
        // A geometric series with the ratio of one day.
        self::assertEqualsWithDelta(0.5 * 62.004 / 14.007 / (1.0 - 2.0 ** (-1.0 / 12.0)), $run->level, 0.01);
        // What comes after it counts for nothing is a thirtieth of all.
        self::assertEqualsWithDelta(1.0 / 32.0, SlowRelease::soil(SlowRelease::SOIL_ENDS)->value('nitrate') / SlowRelease::soil(0.0)->value('nitrate'), 1e-9);
    }

    public function testWhatSoilHoldsForRootsLastsLonger(): void
    {
        self::assertEqualsWithDelta([1.0, 0.5, 0.39], [SlowRelease::left(0.0), SlowRelease::left(270.0), SlowRelease::left(365.25)], 0.002);
    }

    public function testAQuarterOfACapsuleEndsInTheWaterAndMoreThroughGravel(): void
    {
        // Two of 60 mg of nitrogen over a hundred days in 50 L: 120 mg * 0.25 / 100 / 50 of nitrogen, 4.4266 times that of nitrate.
        $fine = SlowRelease::rootTabs([[RootTabKind::Coated, 2, 100.0]], Parameter::Nitrate, false, 50.0);
        self::assertEqualsWithDelta(0.006 * 4.4266, $fine->value('c'), 1e-5);
        self::assertEqualsWithDelta(
            1.6,
            SlowRelease::rootTabs([[RootTabKind::Coated, 2, 100.0]], Parameter::Nitrate, true, 50.0)->value('c') / $fine->value('c'),
            1e-9,
        );
        self::assertEqualsWithDelta(
            1.0 / 3.0,
            SlowRelease::rootTabs([[RootTabKind::Clay, 2, 100.0]], Parameter::Nitrate, false, 50.0)->value('c') / $fine->value('c'),
            1e-9,
        );
        // Potassium as plants take it: 0.030 of their dry mass beside 0.025 of nitrogen.
        self::assertEqualsWithDelta(0.006 * 1.2, SlowRelease::rootTabs([[RootTabKind::Coated, 2, 100.0]], Parameter::Potassium, false, 50.0)->value('c'), 1e-6);
        // A tenth to a half of it, eight times of ten.
        self::assertGreaterThan(0.1, $fine->estimate()->low() / (4.0 * $fine->value('c')));
        self::assertLessThan(0.5, $fine->estimate()->high() / (4.0 * $fine->value('c')));
        // Several sets add up in one working.
        $both = SlowRelease::rootTabs([[RootTabKind::Coated, 2, 100.0], [RootTabKind::Clay, 4, 50.0]], Parameter::Nitrate, false, 50.0);
        self::assertEqualsWithDelta((0.006 + 4 * 20.0 * 0.25 / 50.0 / 50.0) * 4.4266, $both->value('c'), 1e-5);
        self::assertSame(0.0, SlowRelease::rootTabs([[RootTabKind::Coated, 2, 100.0]], Parameter::Acidity, false, 50.0)->value('c'));
    }

    public function testABottleIsEmptyWhenWhatIsReallyGivenHasUsedIt(): void
    {
        // 500 mL, 4 mL every other day: 250 days; filled 30 days ago.
        $bottle = DosingBottle::empty(500.0, 4.0, 2, 30, 'mL');
        self::assertSame([250.0, 220.0], [$bottle->value('lasts'), $bottle->value('left')]);
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function nonsense(): iterable
    {
        yield 'soil of tomorrow' => [static fn() => SlowRelease::soil(-1.0)];
        yield 'no age' => [static fn() => SlowRelease::left(NAN)];
        yield 'no capsules' => [static fn() => SlowRelease::rootTabs([[RootTabKind::Clay, 0, 60.0]], Parameter::Nitrate, false, 50.0)];
        yield 'no water' => [static fn() => SlowRelease::rootTabs([[RootTabKind::Clay, 1, 60.0]], Parameter::Nitrate, false, 0.0)];
        yield 'a bottle that nothing is taken from' => [static fn() => DosingBottle::empty(500.0, 0.0, 1, 0, 'mL')];
    }

    /** @param callable(): mixed $reckon */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(callable $reckon): void
    {
        $this->expectException(FertilisingFault::class);
        $reckon();
    }
}
