<?php

declare(strict_types=1);

namespace App\Exchange;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as CalendarTime;
use Sabre\VObject\Property\ICalendar\Duration;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\EventIterator;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Settings;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Calendars as RFC 5545 has them: jobs out, hours that are taken in. */
final class CalendarFile
{
    /** Events of a file that are read at most. House limit. */
    public const MOST = 3000;

    /** Seconds and memory that a file may take to be read. House limits. */
    private const SECONDS = 2.0;

    private const MEMORY = '96M';

    /** Names the program in each file. */
    private const PRODUCT = '-//Cresco//Cresco 1//EN';

    /**
     * @param list<array{uid: string, at: CarbonImmutable, minutes: int, title: string, body: string, url: string, alarm: bool}> $events
     * @param CarbonImmutable                                                                                                    $now    that the file is written at
     */
    public static function write(string $name, string $zone, array $events, CarbonImmutable $now): string
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT], false);
        $calendar->add('VERSION', '2.0');
        $calendar->add('CALSCALE', 'GREGORIAN');
        $calendar->add('METHOD', 'PUBLISH');
        $calendar->add('X-WR-CALNAME', $name);
        $calendar->add('REFRESH-INTERVAL', 'PT1H', ['VALUE' => 'DURATION']);
        $timeZone = new DateTimeZone($zone);
        self::zone($calendar, $timeZone, $now);
        foreach ($events as $event) {
            $one = $calendar->createComponent('VEVENT', null, false);
            $one->add('UID', $event['uid']);
            $one->add('DTSTAMP', $now->utc()->format('Ymd\THis\Z'));
            $local = $event['at']->setTimezone($timeZone);
            $isUtc = $timeZone->getName() === 'UTC';
            $one->add('DTSTART', $isUtc ? $local->format('Ymd\THis\Z') : $local->format('Ymd\THis'), $isUtc ? [] : ['TZID' => $zone]);
            $one->add('DURATION', 'PT'.max(5, $event['minutes']).'M');
            $one->add('SUMMARY', $event['title']);
            if ($event['body'] !== '') {
                $one->add('DESCRIPTION', $event['body']);
            }
            $one->add('URL', $event['url']);
            $one->add('TRANSP', 'OPAQUE');
            if ($event['alarm']) {
                $alarm = $calendar->createComponent('VALARM', null, false);
                $alarm->add('ACTION', 'DISPLAY');
                $alarm->add('DESCRIPTION', $event['title']);
                $alarm->add('TRIGGER', 'PT0M', ['RELATED' => 'START']);
                $one->add($alarm);
            }
            $calendar->add($one);
        }

        return $calendar->serialize();
    }

    /** The rules of a time zone for the year around a moment, each change of its clock by itself. */
    private static function zone(VCalendar $calendar, DateTimeZone $zone, CarbonImmutable $now): void
    {
        if ($zone->getName() === 'UTC') {
            return;
        }
        $transitions = $zone->getTransitions($now->subYear()->getTimestamp(), $now->addYear()->getTimestamp());
        $written = $calendar->createComponent('VTIMEZONE', null, false);
        $written->add('TZID', $zone->getName());
        $before = $transitions[0]['offset'] ?? 0;
        foreach ($transitions as $transition) {
            $part = $calendar->createComponent($transition['isdst'] ? 'DAYLIGHT' : 'STANDARD', null, false);
            // The clock shows the time before the change when it changes.
            $part->add('DTSTART', gmdate('Ymd\THis', $transition['ts'] + $before));
            $part->add('TZOFFSETFROM', self::offset($before));
            $part->add('TZOFFSETTO', self::offset($transition['offset']));
            $part->add('TZNAME', $transition['abbr']);
            $written->add($part);
            $before = $transition['offset'];
        }
        $calendar->add($written);
    }

    private static function offset(int $seconds): string
    {
        return ($seconds < 0 ? '-' : '+').gmdate('Hi', abs($seconds));
    }

    /**
     * What takes time within some days, each time that it comes. The file is read in a process of its own with limits: a rule that never
     * matches, or matches without end, costs that process alone.
     *
     * @return list<array{from: CarbonImmutable, until: CarbonImmutable, whole: bool, title: string}>
     *
     * @throws FileFault when it is no calendar, holds too much or takes too long
     */
    public static function busy(string $text, string $zone, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $line = 0;
        $reader = new Process(
            [
                (new PhpExecutableFinder())->find() ?: 'php', '-d', 'memory_limit='.self::MEMORY, '-d',
                'max_execution_time='.(int) ceil(2.0 * self::SECONDS), '-d', 'display_errors=0', base_path('app/Exchange/read-calendar.php'), $zone,
                (string) $from->getTimestamp(), (string) $until->getTimestamp(),
            ],
            null,
            [],
            $text,
            self::SECONDS,
        );
        try {
            $reader->run(static function (string $type, string $said) use (&$line): void {
                // It says on which line each event begins before it opens it.
                if ($type === Process::ERR && preg_match_all('/^at (\d+)$/m', $said, $found) > 0) {
                    $line = (int) end($found[1]);
                }
            });
        } catch (ProcessTimedOutException) {
            throw FileFault::at($line, (string) __('week.busy.endless'));
        }
        $found = json_decode($reader->getOutput(), true);
        if (!is_array($found)) {
            throw $line > 0 ? FileFault::at($line, (string) __('week.busy.much')) : FileFault::noCalendar();
        }
        if (isset($found['fault'])) {
            throw $found['fault'] === 'many' ? FileFault::tooManyEvents() : FileFault::noCalendar();
        }

        return array_values(array_map(static fn(mixed $one): array => [
            'from' => CarbonImmutable::createFromTimestamp(
                is_array($one) && is_int($one[0] ?? null) ? $one[0] : 0,
                $zone,
            ), 'until' => CarbonImmutable::createFromTimestamp(is_array($one) && is_int($one[1] ?? null) ? $one[1] : 0, $zone),
            'whole' => is_array($one) && ($one[2] ?? null) === true, 'title' => is_array($one) && is_string($one[3] ?? null) ? $one[3] : '',
        ], $found));
    }

    /**
     * The same within this process, without a limit of time.
     *
     * @param callable(int): void $at is told the line of each event before it is opened
     *
     * @return list<array{int, int, bool, string}> from and until in seconds since 1970, whether it takes whole days, title
     *
     * @throws MaxInstancesExceededException|ParseException
     */
    public static function read(string $text, DateTimeZone $zone, DateTimeImmutable $from, DateTimeImmutable $until, callable $at): array
    {
        $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
        if (!$calendar instanceof VCalendar) {
            throw new ParseException('No calendar.');
        }
        // Repeats are counted where they fall into the days asked for, so that one that began years ago comes in.
        Settings::$maxRecurrences = -1;
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent) {
                $events[self::text($event, 'UID') ?: count($events)][] = $event;
            }
        }
        if (count($events) > self::MOST) {
            throw new MaxInstancesExceededException('Too many events.');
        }
        $found = [];
        foreach ($events as $uid => $of) {
            $at(is_string($uid) ? 1 + substr_count($text, "\n", 0, (int) strpos($text, 'UID:'.$uid)) : 1);
            foreach (self::times($of, $zone, $from, $until) as $time) {
                if (count($found) >= self::MOST) {
                    throw new MaxInstancesExceededException('Too many events.');
                }
                $found[] = $time;
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<VEvent> $of one event with what was moved of it
     *
     * @return iterable<array{int, int, bool, string}>
     */
    private static function times(array $of, DateTimeZone $zone, DateTimeImmutable $from, DateTimeImmutable $until): iterable
    {
        $repeats = array_filter($of, static fn(VEvent $event): bool => $event->select('RRULE') !== [] || $event->select('RDATE') !== []) !== [];
        if (!$repeats) {
            foreach ($of as $event) {
                $time = self::event($event, $zone);
                if ($time !== null && $time[0] < $until->getTimestamp() && $time[1] > $from->getTimestamp()) {
                    yield $time;
                }
            }

            return;
        }
        $times = new EventIterator($of, null, $zone);
        for ($times->fastForward($from); $times->valid() && $times->getDtStart() < $until; $times->next()) {
            $event = $times->getEventObject();
            $time = self::event($event, $zone);
            if ($time !== null) {
                yield $time;
            }
        }
    }

    /** @return array{int, int, bool, string}|null nothing for what takes no time */
    private static function event(VEvent $event, DateTimeZone $zone): ?array
    {
        $start = $event->select('DTSTART')[0] ?? null;
        if (!$start instanceof CalendarTime || self::text($event, 'TRANSP') === 'TRANSPARENT' || self::text($event, 'STATUS') === 'CANCELLED') {
            return null;
        }
        $from = self::time($start->getDateTime($zone), $zone);
        $end = $event->select('DTEND')[0] ?? null;
        $whole = !$start->hasTime();
        $until = $end instanceof CalendarTime ? self::time($end->getDateTime($zone), $zone) : ($whole ? $from->addDay() : $from);
        $duration = $event->select('DURATION')[0] ?? null;
        if ($duration instanceof Duration) {
            $until = self::time($from->toDateTimeImmutable()->add($duration->getDateInterval()), $zone);
        }

        return [$from->getTimestamp(), $until->getTimestamp(), $whole, mb_substr(trim(self::text($event, 'SUMMARY')), 0, 120)];
    }

    private static function text(VEvent $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;
        $value = $property instanceof Property ? $property->getValue() : null;

        return is_string($value) ? mb_scrub($value) : '';
    }

    private static function time(DateTimeInterface $at, DateTimeZone $zone): CarbonImmutable
    {
        return CarbonImmutable::instance($at)->setTimezone($zone);
    }
}
