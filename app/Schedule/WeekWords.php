<?php

declare(strict_types=1);

namespace App\Schedule;

use App\View\JobWords;
use App\View\Names;
use Cresco\Core\Planning\PlacementCost;
use Cresco\Core\Planning\PlacementReason;
use Cresco\Core\Planning\UpcomingJob;

/** What is said of the days on which jobs lie. */
final class WeekWords
{
    /** Why a job lies where it does; nothing when it is due there. */
    public static function why(WeekQuery $week, UpcomingJob $job): string
    {
        if (isset($week->with[$job->id()])) {
            return (string) __('week.why.low');
        }
        $why = $week->placement->why($job->id());
        if ($why === PlacementReason::Due || $job->isSet) {
            return '';
        }
        $due = self::day($week, $job->day());
        $instead = $why === PlacementReason::Full ? $week->placement->instead($job->id()) : null;

        return match (true) {
            $why !== PlacementReason::Hand && $job->day() < 0 => trans_choice('week.why.overdue', -$job->day(), ['count' => -$job->day()]),
            $instead !== null
                && ($week->placement->day($job->id()) ?? 0) > $job->day()
                && $instead->perDay > $job->kind->lateness->aDay() => (string) __(
                    'week.why.full_instead',
                    ['due' => $due, 'instead' => Names::inside(JobWords::job($week->jobs[$instead->id], $week->keeper->show()))],
                ),
            default => (string) __('week.why.'.$why->value, ['due' => $due]),
        };
    }

    public static function day(WeekQuery $week, int $day): string
    {
        return $week->keeper->show()->date($week->today->addDays($day));
    }

    /** What it would cost to have a job on another day. */
    public static function cost(UpcomingJob $job, int $day, PlacementCost $more, int $setUp): string
    {
        $parts = [];
        if ($day > $job->day() && $day > 0) {
            $parts[] = trans_choice(
                'week.cost.late',
                $day - $job->day(),
                ['count' => $day - $job->day(), 'grade' => __('week.lateness.'.$job->kind->lateness->value)],
            );
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
