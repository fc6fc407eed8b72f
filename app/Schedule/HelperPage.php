<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Helper;
use App\Models\HelperJob;
use App\Models\HelperTick;
use App\Units\Show;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Urgency;

/** What a helper is asked, day by day, and what was done. */
final readonly class HelperPage
{
    public Show $show;

    public CarbonImmutable $today;

    public function __construct(public Helper $helper)
    {
        $helper->loadMissing('jobs.ticks', 'tank');
        $this->show = $helper->keeper->show();
        $this->today = $this->show->local(CarbonImmutable::now())->startOfDay();
    }

    /** @return list<JobLine> dangers in the tank now, which come before all that is asked */
    public function alarms(): array
    {
        $jobs = JobsQuery::of($this->helper->keeper);

        return array_values(array_filter(
            (new TankTasks($jobs, $jobs->waters()[$this->helper->tank_id], null))->lines(),
            static fn(JobLine $line): bool => $line->urgency === Urgency::Alarm,
        ));
    }

    public function falls(HelperJob $job, CarbonImmutable $day): bool
    {
        $date = $day->format('Y-m-d');
        if ($date < $this->helper->from_day->format('Y-m-d') || $date > $this->helper->until_day->format('Y-m-d')) {
            return false;
        }
        $days = (int) round(TimeDifference::days($this->noon($job->first_on->format('Y-m-d')), $this->noon($date)));

        return $job->every === 0 ? $days === 0 : $days >= 0 && $days % $job->every === 0;
    }

    public function isTicked(HelperJob $job, CarbonImmutable $day): bool
    {
        return $job->ticks->contains(static fn(HelperTick $tick): bool => $tick->day->format('Y-m-d') === $day->format('Y-m-d'));
    }

    /** Whether it was left on its last day and is to be done now; what is done once waits until it is. */
    public function isOpen(HelperJob $job): bool
    {
        if ($this->falls($job, $this->today)) {
            return true;
        }

        return $job->every === 0 && $this->today->format('Y-m-d') > $job->first_on->format('Y-m-d') && $job->ticks->isEmpty();
    }

    /** The next day on which it is asked for, from tomorrow on. */
    public function next(HelperJob $job): ?CarbonImmutable
    {
        for ($day = $this->today->addDay(), $n = 0; $n < 130; $day = $day->addDay(), ++$n) {
            if ($this->falls($job, $day)) {
                return $day;
            }
        }

        return null;
    }

    /** @return list<array{day: CarbonImmutable, done: list<string>, left: list<string>}> of the days up to today, the last first */
    public function report(): array
    {
        $days = [];
        $end = $this->noon($this->helper->until_day->format('Y-m-d'));
        for (
            $day = $this->noon($this->helper->from_day->format('Y-m-d')); $day->lessThanOrEqualTo($end)
            && $day->startOfDay()->lessThanOrEqualTo($this->today); $day = $day->addDay()
        ) {
            $done = $left = [];
            foreach ($this->helper->jobs as $job) {
                if ($this->isTicked($job, $day)) {
                    $done[] = $job->text;
                } elseif ($this->falls($job, $day) && $day->format('Y-m-d') < $this->today->format('Y-m-d')) {
                    $left[] = $job->text;
                }
            }
            $days[] = ['day' => $day, 'done' => $done, 'left' => $left];
        }

        return array_reverse($days);
    }

    /** @return array{int, int} how often something was done, and how often it was asked for until yesterday */
    public function count(): array
    {
        $report = $this->report();

        return [
            array_sum(array_map(static fn(array $day): int => count($day['done']), $report)),
            array_sum(array_map(static fn(array $day): int => count($day['done']) + count($day['left']), $report)),
        ];
    }

    /** @return list<Parameter> */
    public function reads(): array
    {
        return array_values(array_filter(array_map(Parameter::tryFrom(...), $this->helper->reads)));
    }

    public function isOver(): bool
    {
        return $this->helper->revoked_at !== null || $this->helper->until_day->format('Y-m-d') < $this->today->format('Y-m-d');
    }

    private function noon(string $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day, $this->helper->keeper->timezone)->setTime(12, 0);
    }
}
