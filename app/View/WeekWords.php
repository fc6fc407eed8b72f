<?php

declare(strict_types=1);

namespace App\View;

use App\Known\WeekOf;
use App\Models\Chore;
use App\Units\Show;
use App\Words\WorkWords;
use Cresco\Core\Calendar\Bill;
use Cresco\Core\Calendar\Why;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Work\After;

/** What is said of jobs and of the days on which they lie. */
final class WeekWords
{
    public static function job(UpcomingJob $job, Show $show): string
    {
        if ($job->kind->key === 'own' && $job->name !== null) {
            return $job->name;
        }
        if ($job->kind->key === 'after' && $job->name !== null) {
            return WorkWords::after(After::from($job->name));
        }
        $words = (string) __('week.kind.'.$job->kind->key);
        $isNamed = str_contains($words, ':name');
        if ($isNamed) {
            $name = $job->kind->key === JobKinds::CHECK ? Words::inside((string) __('inquiry.remedies.'.$job->name.'.name')) : (string) $job->name;
            // Names of plants and what the keeper wrote stay as they are.
            $words = str_replace(':name', $name, $words);
        }
        $words = str_contains($words, ':litres') ? str_replace(':litres', $show->volume($job->litres), $words) : $words;

        return $isNamed || $job->name === null ? $words : $words.' ('.$job->name.')';
    }

    /** A job that a keeper set up. */
    public static function chore(Chore $chore): string
    {
        return $chore->kind === 'own' ? (string) $chore->name : self::kind($chore->kind).($chore->name === null ? '' : ' ('.$chore->name.')');
    }

    /** @param array<string, string> $with */
    public static function kind(string $key, array $with = []): string
    {
        return (string) __('week.kind.'.$key, $with + ['litres' => '', 'name' => '']);
    }

    /** Why a job lies where it does; nothing when it is due there. */
    public static function why(WeekOf $week, UpcomingJob $job): string
    {
        if (isset($week->with[$job->id()])) {
            return (string) __('week.why.low');
        }
        $why = $week->placement->why($job->id());
        if ($why === Why::Due || $job->isSet) {
            return '';
        }
        $due = self::day($week, $job->day());
        $instead = $why === Why::Full ? $week->placement->instead($job->id()) : null;

        return match (true) {
            $why !== Why::Hand && $job->day() < 0 => trans_choice('week.why.overdue', -$job->day(), ['count' => -$job->day()]),
            $instead !== null && ($week->placement->day($job->id()) ?? 0) > $job->day() && $instead->perDay > $job->kind->lateness->aDay() => (string) __('week.why.full_instead', ['due' => $due, 'instead' => Words::inside(self::job($week->jobs[$instead->id], $week->keeper->show()))]),
            default => (string) __('week.why.'.$why->value, ['due' => $due]),
        };
    }

    public static function day(WeekOf $week, int $day): string
    {
        return $week->keeper->show()->date($week->today->addDays($day));
    }

    /** What it would cost to have a job on another day. */
    public static function cost(UpcomingJob $job, int $day, Bill $more, int $setUp): string
    {
        $parts = [];
        if ($day > $job->day() && $day > 0) {
            $parts[] = trans_choice('week.cost.late', $day - $job->day(), ['count' => $day - $job->day(), 'grade' => __('week.lateness.'.$job->kind->lateness->value)]);
        } elseif ($day < $job->day()) {
            $parts[] = trans_choice('week.cost.early', $job->day() - $day, ['count' => $job->day() - $day]);
        }
        if ($more->minutesOver() !== 0) {
            $parts[] = (string) __('week.cost.'.($more->minutesOver() > 0 ? 'over' : 'less'), ['count' => abs($more->minutesOver())]);
        }
        if ($setUp > 0 && abs($more->minutes()) >= $setUp) {
            $parts[] = (string) __('week.cost.'.($more->minutes() > 0 ? 'set_up' : 'saves'));
        }

        return $parts === [] ? (string) __('week.cost.none') : implode('; ', $parts);
    }
}
