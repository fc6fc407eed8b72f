<?php

declare(strict_types=1);

namespace App\Exchange;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as CalendarTime;
use Sabre\VObject\Property\ICalendar\Duration;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Settings;
use Throwable;

/** Calendars as RFC 5545 has them: jobs out, hours that are taken in. */
final class CalendarFile
{
    /** Events of a file that are read at most. House limit. */
    public const MOST = 3000;

    /** Names the program in each file. */
    private const PRODUCT = '-//Cresco//Cresco 1//EN';

    /**
     * @param list<array{uid: string, at: CarbonImmutable, minutes: int, title: string, body: string, url: string, alarm: bool}> $events
     * @param CarbonImmutable $now that the file is written at
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
     * What takes time within some days, each time that it comes.
     *
     * @return list<array{from: CarbonImmutable, until: CarbonImmutable, whole: bool, title: string}>
     *
     * @throws FileFault when it is no calendar, or holds too much
     */
    public static function busy(string $text, string $zone, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $timeZone = new DateTimeZone($zone);
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (!$calendar instanceof VCalendar) {
                throw FileFault::noCalendar();
            }
            Settings::$maxRecurrences = self::MOST;
            if (count($calendar->select('VEVENT')) > self::MOST) {
                throw FileFault::tooManyEvents();
            }
            $found = [];
            foreach ($calendar->expand($from, $until, $timeZone)->select('VEVENT') as $event) {
                if ($event instanceof VEvent) {
                    $found[] = self::event($event, $timeZone);
                }
            }
        } catch (FileFault $fault) {
            throw $fault;
        } catch (MaxInstancesExceededException) {
            throw FileFault::tooManyEvents();
        } catch (Throwable) {
            throw FileFault::noCalendar();
        }

        return array_values(array_filter($found));
    }

    /** @return array{from: CarbonImmutable, until: CarbonImmutable, whole: bool, title: string}|null nothing for what takes no time */
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

        return ['from' => $from, 'until' => $until, 'whole' => $whole, 'title' => mb_substr(trim(self::text($event, 'SUMMARY')), 0, 120)];
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
