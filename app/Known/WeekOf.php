<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\WeekHabits;
use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Cresco\Core\Calendar\Job;
use Cresco\Core\Calendar\Placement;
use Cresco\Core\Calendar\Placing;
use Cresco\Core\Rhythm\JobKinds;
use Illuminate\Support\Facades\Cache;

/** The jobs of four weeks on the days of their keeper. */
final class WeekOf
{
    /** Of the placing, so that the same jobs lie on the same days. */
    private const SEED = 7;

    public readonly JobsOf $known;

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

    /** @var array<string, Foreseen> by id */
    public readonly array $jobs;

    public function __construct(public readonly Keeper $keeper)
    {
        $this->known = new JobsOf($keeper);
        $this->habits = $keeper->week;
        $this->today = CarbonImmutable::now($keeper->timezone)->startOfDay();
        $this->doses = DosesDue::byDay(array_keys($this->known->tanks), $keeper->show()->local(CarbonImmutable::now()), JobsOf::DAYS);
        [$this->minutes, $this->taken] = $this->free();
        $byId = [];
        foreach ($this->known->jobs as $job) {
            $byId[$job->id] = $job;
        }
        $this->jobs = $byId;
        $this->with = self::together($this->known->jobs);
        $jobs = [];
        $before = [];
        foreach ($this->known->jobs as $job) {
            if (!isset($this->with[$job->id])) {
                // What comes again lies after the time before.
                $jobs[] = $one = self::toCore($job, $before[$job->key] ?? -1, array_sum(array_map(static fn(string $id): int => $byId[$id]->minutes, array_keys($this->with, $job->id, true))));
                $before[$job->key] = $one->latest;
            }
        }
        $this->placement = $this->placed($jobs);
    }

    /**
     * What needs low water goes with the next change at its tank, unless the keeper laid it elsewhere.
     *
     * @param list<Foreseen> $jobs
     *
     * @return array<string, string> change by job
     */
    private static function together(array $jobs): array
    {
        $changes = [];
        foreach ($jobs as $job) {
            if ($job->litres > 0.0) {
                $changes[$job->tank][] = $job;
            }
        }
        $with = $taken = [];
        foreach ($jobs as $job) {
            if (!$job->kind->lowWater || $job->litres > 0.0 || $job->laid !== null) {
                continue;
            }
            $best = null;
            foreach ($changes[$job->tank] ?? [] as $change) {
                if (!isset($taken[$change->id][$job->key]) && ($best === null || abs($change->due - max(0, $job->due)) < abs($best->due - max(0, $job->due)))) {
                    $best = $change;
                }
            }
            if ($best !== null) {
                $with[$job->id] = $best->id;
                $taken[$best->id][$job->key] = true;
            }
        }

        return $with;
    }

    /** @param list<Job> $jobs */
    private function placed(array $jobs): Placement
    {
        $placing = new Placing($this->minutes, $this->habits->setUp);
        $jobs = array_values(array_filter($jobs, static fn(Job $job): bool => $job->earliest < JobsOf::DAYS));
        $key = 'week.'.$this->keeper->id;
        $mark = hash('xxh128', serialize([$this->minutes, $this->habits->setUp, $jobs]));
        $kept = Cache::get($key);
        // The days that were found, as long as nothing of it has changed.
        if (is_array($kept) && ($kept[0] ?? null) === $mark && is_array($kept[1] ?? null)) {
            return new Placement($placing, $jobs, array_values(array_map(static fn(mixed $day): int => is_int($day) ? $day : 0, $kept[1])), ($kept[2] ?? false) === true);
        }
        $placement = $placing->place($jobs, self::SEED);
        Cache::put($key, [$mark, array_map(static fn(Job $job): int => (int) $placement->day($job->id), $jobs), $placement->isCutShort], 86400);

        return $placement;
    }

    /** How a job may be laid: on its day alone, where that is set, else within what it stands. */
    private static function toCore(Foreseen $job, int $before, int $beside): Job
    {
        $set = $job->isSet ? max(0, $job->due) : $job->laid;
        $tank = $job->kind->setsUp ? $job->tank : 0;
        if ($set !== null) {
            return new Job($job->id, $tank, $job->minutes + $beside, $job->due, max(0, $set), max(0, $set), $job->kind->lateness->aDay(), true);
        }
        $earliest = max(0, $job->due - $job->first, $before + 1);
        // Half of the days until the next time belong to that one; what is overdue may wait from today on as long, at its cost.
        $last = $job->every > 0 ? min($job->last, intdiv($job->every - 1, 2)) : $job->last;

        return new Job($job->id, $tank, $job->minutes + $beside, $job->due, $earliest, max($earliest, max(0, $job->due) + $last), $job->kind->lateness->aDay());
    }

    /**
     * Minutes of jobs at one tank, with laying out where something is laid out.
     *
     * @param list<Foreseen> $jobs
     */
    public function minutesOf(array $jobs): int
    {
        $setsUp = array_filter($jobs, static fn(Foreseen $job): bool => $job->tank !== 0 && $job->kind->setsUp) !== [];

        return array_sum(array_map(static fn(Foreseen $job): int => $job->minutes, $jobs)) + ($setsUp ? $this->habits->setUp : 0);
    }

    /** @return array{list<int>, array<int, string>} */
    private function free(): array
    {
        $show = $this->keeper->show();
        $minutes = $taken = [];
        for ($day = 0; $day < JobsOf::DAYS; ++$day) {
            // Doses come before all else: a minute or two that the day has no more.
            $minutes[] = max(0, $this->habits->minutesOn($this->today->addDays($day)) - $this->doseMinutes($day));
        }
        $until = $this->today->addDays(JobsOf::DAYS)->format('Y-m-d');
        foreach ($this->keeper->busySpells()->whereDate('day', '>=', $this->today->format('Y-m-d'))->whereDate('day', '<', $until)->get() as $busy) {
            $day = -$show->daysSinceDate($busy->day);
            if (isset($minutes[$day])) {
                $minutes[$day] = max(0, $minutes[$day] - $busy->minutes);
                $taken[$day] = isset($taken[$day]) ? $taken[$day].', '.$busy->title : (string) $busy->title;
            }
        }
        foreach ($this->keeper->awaySpells as $away) {
            $from = -$show->daysSinceDate($away->from_day);
            $last = -$show->daysSinceDate($away->until_day);
            for ($day = max(0, $from); $day <= min($last, JobsOf::DAYS - 1); ++$day) {
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

    /** @return list<Foreseen> of a day, what waits least first, and what needs low water with its change */
    public function on(int $day): array
    {
        $found = [];
        foreach ($this->placement->on($day) as $job) {
            $found = [...$found, $this->jobs[$job->id], ...array_map(fn(string $id): Foreseen => $this->jobs[$id], array_keys($this->with, $job->id, true))];
        }

        return $found;
    }
}
