<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Exchange\CalendarFile;
use App\Models\Keeper;
use App\Units\Show;
use App\View\JobWords;
use App\View\Names;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\UpcomingJob;

/** The jobs of four weeks as a calendar. */
final class CalendarFeed
{
    /** Minutes that what is to be begun takes in a calendar. */
    private const READY = 5;

    public static function of(Keeper $keeper): string
    {
        $page = new WeekPage($keeper, 0);
        $base = rtrim(config()->string('app.url'), '/');
        $events = [];
        foreach (self::days($keeper, $page) as $session) {
            $events[] = $session;
        }
        foreach ($page->urgent() as ['tank' => $tank, 'line' => $line]) {
            // What is dangerous now lies on now, and is said by the calendar.
            if ($line->isAlarm()) {
                $events[] = [
                    'uid' => self::uid($keeper, 'alarm'.$tank->id), 'at' => CarbonImmutable::now()->startOfHour(), 'minutes' => self::READY,
                    'title' => $tank->name.': '.$line->head, 'body' => $line->why, 'url' => $base.'/tanks/'.$tank->id, 'alarm' => true,
                ];
            }
        }
        foreach ($page->ready() as $ready) {
            if ($ready->alarms) {
                $events[] = [
                    'uid' => self::uid($keeper, 'ready'.$ready->url), 'at' => $ready->by, 'minutes' => self::READY,
                    'title' => (string) __('week.feed_event.ready', ['what' => $ready->what]), 'body' => $ready->why, 'url' => $base.$ready->url,
                    'alarm' => true,
                ];
            }
        }

        return CalendarFile::write('Cresco', $keeper->timezone, $events, CarbonImmutable::now());
    }

    /** @return list<array{uid: string, at: CarbonImmutable, minutes: int, title: string, body: string, url: string, alarm: bool}> */
    private static function days(Keeper $keeper, WeekPage $page): array
    {
        $events = [];
        $base = rtrim(config()->string('app.url'), '/');
        for ($day = 0; $day < JobsQuery::DAYS; ++$day) {
            $tanks = [];
            foreach ($page->week->on($day) as $job) {
                $tanks[$job->tank()][] = $job;
            }
            $at = $page->week->begins($day);
            foreach ($tanks as $tank => $jobs) {
                $minutes = $page->week->minutesOf($jobs);
                $events[] = [
                    // What is done first on a day names the session, so that a session keeps its name when it moves.
                    'uid' => self::uid($keeper, self::name($jobs)), 'at' => $at, 'minutes' => $minutes,
                    'title' => (string) __(
                        'week.feed_event.session',
                        ['tank' => $page->tank($tank)->name ?? __('week.at_home'), 'jobs' => implode(
                            ', ',
                            array_map(static fn(UpcomingJob $job): string => Names::inside(JobWords::job($job, $page->show)), $jobs),
                        )],
                    ),
                    'body' => (string) __('week.feed_event.minutes', ['minutes' => Show::minutes($minutes)]), 'url' => $base.'/week', 'alarm' => false,
                ];
                $at = $at->addMinutes($minutes);
            }
        }

        return $events;
    }

    /** @param non-empty-list<UpcomingJob> $jobs */
    private static function name(array $jobs): string
    {
        $names = array_map(static fn(UpcomingJob $job): string => $job->id(), $jobs);
        sort($names);

        return $names[0];
    }

    private static function uid(Keeper $keeper, string $of): string
    {
        return hash('xxh128', $keeper->id.' '.$of).'@cresco';
    }
}
