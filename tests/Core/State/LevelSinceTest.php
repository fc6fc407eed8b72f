<?php

declare(strict_types=1);

namespace Tests\Core\State;

use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\State\Course;
use Cresco\Core\State\Event;
use Cresco\Core\State\LevelSince;
use Cresco\Core\State\MassBalance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The working of a level leads from the last reading to the level of the course. */
final class LevelSinceTest extends TestCase
{
    /** @param list<Event> $events */
    private static function course(array $events, float $loss = 0.0, float $until = 20.0, float $rate = 0.8): Course
    {
        return Course::fitted(
            new LevelPrior(5.0, 5.0, 0.5, 0.01, 200.0),
            new NormalValue(20.0, 3.0),
            new NormalValue($rate, 0.01),
            $loss,
            $events,
            0.0,
            $until,
        );
    }

    public function testAChainByHand(): void
    {
        // Read 22 where the course stood at 24 + spread; then 2 days, a change of a half with 4, a dose of 3, 5 days more.
        $course = self::course([Event::read(5.0, 22.0, 1.0)], 0.0, 12.0);
        $events = [Event::read(5.0, 22.0, 1.0), Event::changed(7.0, 0.5, 4.0), Event::dosed(8.0, 3.0), Event::added(9.0, 0.5)];
        $level = $course->read->level;
        $rate = $course->rate()->central();
        $working = LevelSince::working(self::course($events, 0.0, 12.0), $events, 'nitrate');

        self::assertSame(22.0, $course->read->value);
        self::assertEqualsWithDelta(24.0, $course->read->foretold ?? NAN, 0.01);
        self::assertGreaterThan(22.0, $level);
        self::assertLessThan(24.0, $level);
        self::assertEqualsWithDelta(0.5 * ($level + 2.0 * $rate) + 2.0 + 5.0 * $rate + 3.5, $working->value('C'), 1e-6);
        self::assertEqualsWithDelta(3.0, $working->value('D2'), 1e-12);
        self::assertEqualsWithDelta(0.5, $working->value('M2'), 1e-12);
    }

    /** @return iterable<string, array{list<Event>, float}> */
    public static function tanks(): iterable
    {
        $weekly = [];
        for ($day = 1; $day <= 60; ++$day) {
            $weekly[] = Event::dosed((float) $day, 0.6);
            $weekly[] = Event::added($day + 0.3, 0.2);
            if ($day % 7 === 0) {
                $weekly[] = Event::changed((float) $day, 0.4, 5.0, 1.0);
            }
        }
        yield 'never read, more changes than are told' => [$weekly, 0.0];
        yield 'the same with a loss' => [$weekly, 0.1];
        yield 'read two changes ago' => [[...$weekly, Event::read(40.0, 9.0, 1.0), Event::read(47.5, 11.0, 1.0)], 0.0];
        yield 'read and lost' => [[...$weekly, Event::read(47.5, 11.0, 1.0)], 0.1];
        yield 'read just now' => [[...$weekly, Event::read(60.0, 11.0, 1.0)], 0.0];
        yield 'read on the day of a change' => [[...$weekly, Event::read(56.0, 11.0, 1.0)], 0.05];
    }

    /** @param list<Event> $events */
    #[DataProvider('tanks')]
    public function testItEndsWhereTheCourseStandsWithoutAnythingThrownIn(array $events, float $loss): void
    {
        $course = self::course($events, $loss, 60.0);
        $working = LevelSince::working($course, $events, 'nitrate');

        self::assertEqualsWithDelta($course->level()->level, $working->value('C'), 1e-9);
        // Far from nothing, and with readings that agree, one line says it all but for a hair.
        $line = $course->level()->level - (in_array(
            'z',
            array_map(static fn($given): string => $given->symbol, $working->constants()),
            true,
        ) ? $working->value('z') : 0.0);
        self::assertEqualsWithDelta($course->level()->level, $line, 0.02 * $course->level()->level);
        self::assertLessThanOrEqual(5, count(array_filter($working->lines(), static fn($line): bool => $line->formula->name[0] === 'A')));
        // By another way: the mass balance from the last reading on.
        $since = array_filter(
            $events,
            static fn(Event $event): bool => $event->day > $course->read->day
                || ($event->day === $course->read->day && $event->share > 0.0)
                || ($event->day === $course->read->day && $event->isDose),
        );
        self::assertEqualsWithDelta(
            MassBalance::run($course->read->level, array_values($since), $course->rate()->central(), $loss, $course->read->day, 60.0)->level,
            $line,
            1e-6,
        );
    }

    public function testItIsSaidInTheUnitOfItsReader(): void
    {
        $events = [Event::read(5.0, 22.0, 1.0), Event::changed(7.0, 0.5, 4.0), Event::dosed(8.0, 3.0), Event::added(9.0, 0.5)];
        $course = self::course($events, 0.1, 12.0);
        [$usual, $quarters] = [LevelSince::working($course, $events, 'nitrate'), LevelSince::working($course, $events, 'it', 'quarters', 4.0)];
        foreach (['F', 'R', 'C0', 'r', 'A1', 'q1', 'B1', 'D2', 'M2', 'A2', 'C'] as $symbol) {
            self::assertEqualsWithDelta(4.0 * $usual->value($symbol), $quarters->value($symbol), 1e-9, $symbol);
        }
        foreach (['w', 'l', 'd1', 's1', 'd2'] as $symbol) {
            self::assertEqualsWithDelta($usual->value($symbol), $quarters->value($symbol), 1e-12, $symbol);
        }
    }

    public function testWhatLiesAtNothingIsSaid(): void
    {
        $course = self::course([Event::read(1.0, 0.2, 0.1)], 0.0, 20.0, -1.5);
        $working = LevelSince::working($course, [Event::read(1.0, 0.2, 0.1)], 'nitrate');

        self::assertEqualsWithDelta($course->level()->level, $working->value('C'), 1e-9);
        self::assertGreaterThan(10.0, $working->value('z'), 'twenty days of uptake would have led far below nothing');
    }
}
