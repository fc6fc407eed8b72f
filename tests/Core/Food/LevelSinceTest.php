<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Cresco\Core\Food\Course;
use Cresco\Core\Food\FoodEvent;
use Cresco\Core\Food\LevelSince;
use Cresco\Core\Food\MassBalance;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Nutrient;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The working of a level leads from the last reading to the level of the course. */
final class LevelSinceTest extends TestCase
{
    /** @param list<FoodEvent> $events */
    private static function course(array $events, float $loss = 0.0, float $until = 20.0, float $rate = 0.8): Course
    {
        return Course::fitted(new Nutrient(5.0, 5.0, 0.5, 0.01, 'NO3', 62.004, 0.1), new Normal(20.0, 3.0), new Normal($rate, 0.01), $loss, $events, 0.0, $until);
    }

    public function testAChainByHand(): void
    {
        // Read 22 where the course stood at 24 + spread; then 2 days, a change of a half with 4, a dose of 3, 5 days more.
        $course = self::course([FoodEvent::read(5.0, 22.0, 1.0)], 0.0, 12.0);
        $events = [FoodEvent::read(5.0, 22.0, 1.0), FoodEvent::changed(7.0, 0.5, 4.0), FoodEvent::dosed(8.0, 3.0), FoodEvent::added(9.0, 0.5)];
        $level = $course->read->level;
        $rate = $course->rate()->central();
        $working = LevelSince::working(self::course($events, 0.0, 12.0), $events);

        self::assertSame(22.0, $course->read->value);
        self::assertEqualsWithDelta(24.0, $course->read->foretold ?? NAN, 0.01);
        self::assertGreaterThan(22.0, $level);
        self::assertLessThan(24.0, $level);
        self::assertEqualsWithDelta(0.5 * ($level + 2.0 * $rate) + 2.0 + 5.0 * $rate + 3.5, $working->value('C'), 1e-6);
        self::assertEqualsWithDelta(3.0, $working->value('D2'), 1e-12);
        self::assertEqualsWithDelta(0.5, $working->value('M2'), 1e-12);
    }

    /** @return iterable<string, array{list<FoodEvent>, float}> */
    public static function tanks(): iterable
    {
        $weekly = [];
        for ($day = 1; $day <= 60; ++$day) {
            $weekly[] = FoodEvent::dosed((float) $day, 0.6);
            $weekly[] = FoodEvent::added($day + 0.3, 0.2);
            if ($day % 7 === 0) {
                $weekly[] = FoodEvent::changed((float) $day, 0.4, 5.0, 1.0);
            }
        }
        yield 'never read, more changes than are told' => [$weekly, 0.0];
        yield 'the same with a loss' => [$weekly, 0.1];
        yield 'read two changes ago' => [[...$weekly, FoodEvent::read(40.0, 9.0, 1.0), FoodEvent::read(47.5, 11.0, 1.0)], 0.0];
        yield 'read and lost' => [[...$weekly, FoodEvent::read(47.5, 11.0, 1.0)], 0.1];
        yield 'read just now' => [[...$weekly, FoodEvent::read(60.0, 11.0, 1.0)], 0.0];
        yield 'read on the day of a change' => [[...$weekly, FoodEvent::read(56.0, 11.0, 1.0)], 0.05];
    }

    /** @param list<FoodEvent> $events */
    #[DataProvider('tanks')]
    public function testItEndsWhereTheCourseStandsWithoutAnythingThrownIn(array $events, float $loss): void
    {
        $course = self::course($events, $loss, 60.0);
        $working = LevelSince::working($course, $events);

        self::assertEqualsWithDelta($course->level()->level, $working->value('C'), 1e-9);
        self::assertNotContains('z', array_map(static fn($given): string => $given->symbol, $working->constants()), 'far from nothing, nothing is lifted');
        self::assertLessThanOrEqual(5, count(array_filter($working->lines(), static fn($line): bool => $line->formula->name[0] === 'A')));
        // By another way: the mass balance from the last reading on.
        $since = array_filter($events, static fn(FoodEvent $event): bool => $event->day > $course->read->day || ($event->day === $course->read->day && $event->share > 0.0) || ($event->day === $course->read->day && $event->isDose));
        self::assertEqualsWithDelta(MassBalance::run($course->read->level, array_values($since), $course->rate()->central(), $loss, $course->read->day, 60.0)->level, $working->value('C'), 1e-6);
    }

    public function testItIsSaidInTheUnitOfItsReader(): void
    {
        $events = [FoodEvent::read(5.0, 22.0, 1.0), FoodEvent::changed(7.0, 0.5, 4.0), FoodEvent::dosed(8.0, 3.0), FoodEvent::added(9.0, 0.5)];
        $course = self::course($events, 0.1, 12.0);
        [$usual, $quarters] = [LevelSince::working($course, $events), LevelSince::working($course, $events, 'it', 'quarters', 4.0)];
        foreach (['F', 'R', 'C0', 'r', 'A1', 'q1', 'B1', 'D2', 'M2', 'A2', 'C'] as $symbol) {
            self::assertEqualsWithDelta(4.0 * $usual->value($symbol), $quarters->value($symbol), 1e-9, $symbol);
        }
        foreach (['w', 'l', 'd1', 's1', 'd2'] as $symbol) {
            self::assertEqualsWithDelta($usual->value($symbol), $quarters->value($symbol), 1e-12, $symbol);
        }
    }

    public function testWhatLiesAtNothingIsSaid(): void
    {
        $course = self::course([FoodEvent::read(1.0, 0.2, 0.1)], 0.0, 20.0, -1.5);
        $working = LevelSince::working($course, [FoodEvent::read(1.0, 0.2, 0.1)]);

        self::assertEqualsWithDelta($course->level()->level, $working->value('C'), 1e-9);
        self::assertGreaterThan(10.0, $working->value('z'), 'twenty days of uptake would have led far below nothing');
    }
}
