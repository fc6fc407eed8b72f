<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Data\WeekHabits;
use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\Placement;
use Cresco\Core\Planning\Placing;
use Cresco\Core\Planning\ScheduledTask;
use Cresco\Core\Planning\UpcomingJob;
use Illuminate\Support\Facades\Cache;

/** The jobs of four weeks on the days of their keeper. */
final class WeekQuery
{
    /** Of the placing, so that the same jobs lie on the same days. */
    private const SEED = 7;

    public readonly JobsQuery $known;

    public readonly WeekHabits $habits;

    public readonly Placement $placement;

    /** First day, which is today, in the keeper's calendar. */
    public readonly CarbonImmutable $today;

    /** @var list<int> minutes of each day that are left beside what else is to be done */
    public readonly array $minutes;

    /** @var array<int, string> what takes a day, by day */
    public readonly array $taken;

    /** @var array<int, list<int>> tanks that are given doses by hand, by day */
    public readonly array $doses;

    /** @var array<string, string> jobs that go with a change, since they need low water */
    public readonly array $with;

    /** @var array<string, UpcomingJob> by id */
    public readonly array $jobs;

    public function __construct(public readonly Keeper $keeper)
    {
        $this->known = JobsQuery::of($keeper);
        $this->habits = $keeper->week;
        $this->today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $doses = $byId = [];
        foreach ($this->known->ahead() as $job) {
            if ($job->key->type === JobType::Dose) {
                $doses[$job->day()][] = $job->tank();
            } else {
                $byId[$job->id()] = $job;
            }
        }
        $this->doses = array_map(static fn(array $tanks): array => array_values(array_unique($tanks)), $doses);
        [$this->minutes, $this->taken] = $this->free();
        $this->jobs = $byId;
        $this->with = self::together(array_values($byId));
        $jobs = [];
        $before = [];
        foreach ($byId as $id => $job) {
            if (!isset($this->with[$id])) {
                // What comes again lies after the time before.
                $jobs[] = $one = self::toCore(
                    $job,
                    $before[(string) $job->key] ?? -1,
                    array_sum(array_map(static fn(string $with): int => $byId[$with]->minutes, array_keys($this->with, $id, true))),
                );
                $before[(string) $job->key] = $one->latest;
            }
        }
        $this->placement = $this->placed($jobs);
    }

    /**
     * What needs low water goes with the next change at its tank, unless the keeper laid it elsewhere.
     *
     * @param list<UpcomingJob> $jobs
     *
     * @return array<string, string> change by job
     */
    private static function together(array $jobs): array
    {
        $changes = [];
        foreach ($jobs as $job) {
            if ($job->litres > 0.0) {
                $changes[$job->tank()][] = $job;
            }
        }
        $with = $taken = [];
        foreach ($jobs as $job) {
            if (!$job->kind->lowWater || $job->litres > 0.0 || $job->laid !== null) {
                continue;
            }
            $best = null;
            foreach ($changes[$job->tank()] ?? [] as $change) {
                if (
                    !isset($taken[$change->id()][(string) $job->key])
                    && ($best === null || abs($change->day() - max(0, $job->day())) < abs($best->day() - max(0, $job->day())))
                ) {
                    $best = $change;
                }
            }
            if ($best !== null) {
                $with[$job->id()] = $best->id();
                $taken[$best->id()][(string) $job->key] = true;
            }
        }

        return $with;
    }

    /** @param list<ScheduledTask> $jobs */
    private function placed(array $jobs): Placement
    {
        $placing = new Placing($this->minutes, $this->habits->setUp);
        $jobs = array_values(array_filter($jobs, static fn(ScheduledTask $job): bool => $job->earliest < JobsQuery::DAYS));
        $key = 'week.'.$this->keeper->id;
        $mark = hash('xxh128', serialize([$this->minutes, $this->habits->setUp, $jobs]));
        $kept = Cache::get($key);
        // The days that were found, as long as nothing of it has changed.
        if (is_array($kept) && ($kept[0] ?? null) === $mark && is_array($kept[1] ?? null)) {
            return new Placement(
                $placing,
                $jobs,
                array_values(array_map(static fn(mixed $day): int => is_int($day) ? $day : 0, $kept[1])),
                ($kept[2] ?? false) === true,
            );
        }
        $placement = $placing->place($jobs, self::SEED);
        Cache::put($key, [$mark, array_map(static fn(ScheduledTask $job): int => (int) $placement->day($job->id), $jobs), $placement->isCutShort], 86400);

        return $placement;
    }

    /** How a job may be laid: on its day alone, where that is set, else within what it stands. */
    private static function toCore(UpcomingJob $job, int $before, int $beside): ScheduledTask
    {
        $set = $job->isSet ? max(0, $job->day()) : $job->laid;
        $tank = $job->kind->setsUp ? $job->tank() : 0;
        if ($set !== null) {
            return new ScheduledTask($job->id(), $tank, $job->minutes + $beside, $job->day(), max(0, $set), max(0, $set), $job->kind->lateness->aDay(), true);
        }
        $earliest = max(0, $job->day() - $job->early(), $before + 1);
        // Half of the days until the next time belong to that one; what is overdue may wait from today on as long, at its cost.
        $last = $job->every > 0 ? min($job->late(), intdiv($job->every - 1, 2)) : $job->late();

        return new ScheduledTask(
            $job->id(),
            $tank,
            $job->minutes + $beside,
            $job->day(),
            $earliest,
            max($earliest, max(0, $job->day()) + $last),
            $job->kind->lateness->aDay(),
        );
    }

    /**
     * Minutes of jobs at one tank, with laying out where something is laid out.
     *
     * @param list<UpcomingJob> $jobs
     */
    public function minutesOf(array $jobs): int
    {
        $setsUp = array_filter($jobs, static fn(UpcomingJob $job): bool => $job->tank() !== 0 && $job->kind->setsUp) !== [];

        return array_sum(array_map(static fn(UpcomingJob $job): int => $job->minutes, $jobs)) + ($setsUp ? $this->habits->setUp : 0);
    }

    /** @return array{list<int>, array<int, string>} */
    private function free(): array
    {
        $show = $this->keeper->show();
        $minutes = $taken = [];
        for ($day = 0; $day < JobsQuery::DAYS; ++$day) {
            // Doses come before all else: a minute or two that the day has no more.
            $minutes[] = max(0, $this->habits->minutesOn($this->today->addDays($day)) - $this->doseMinutes($day));
        }
        $until = $this->today->addDays(JobsQuery::DAYS)->format('Y-m-d');
        foreach ($this->keeper->calendarBlocks()->whereDate('day', '>=', $this->today->format('Y-m-d'))->whereDate('day', '<', $until)->get() as $busy) {
            $day = -$show->daysSinceDate($busy->day);
            if (isset($minutes[$day])) {
                $minutes[$day] = max(0, $minutes[$day] - $busy->minutes);
                $taken[$day] = isset($taken[$day]) ? $taken[$day].', '.$busy->title : (string) $busy->title;
            }
        }
        foreach ($this->keeper->absences as $away) {
            $from = -$show->daysSinceDate($away->from_day);
            $last = -$show->daysSinceDate($away->until_day);
            for ($day = max(0, $from); $day <= min($last, JobsQuery::DAYS - 1); ++$day) {
                [$minutes[$day], $taken[$day]] = [0, $away->note ?? ''];
            }
        }

        return [array_values($minutes), $taken];
    }

    /** Minutes that the doses of a day take. */
    public function doseMinutes(int $day): int
    {
        return count($this->doses[$day] ?? []) * JobKinds::of('fertilise')->minutes;
    }

    /** When work begins on a day. */
    public function begins(int $day): CarbonImmutable
    {
        $at = $this->today->addDays($day);

        return $at->setTime(...$this->habits->begins($at));
    }

    /** @return list<UpcomingJob> what the water of tanks asks for today, whatever the days hold; alarms first */
    public function urgent(): array
    {
        return array_values(array_filter($this->known->all(), static fn(UpcomingJob $job): bool => $job->concern !== null && $job->urgency->isForToday()));
    }

    /** @return list<UpcomingJob> of a day, what waits least first, and what needs low water with its change */
    public function on(int $day): array
    {
        $found = [];
        foreach ($this->placement->on($day) as $job) {
            $found = [...$found, $this->jobs[$job->id], ...array_map(fn(string $id): UpcomingJob => $this->jobs[$id], array_keys($this->with, $job->id, true))];
        }

        return $found;
    }
}
