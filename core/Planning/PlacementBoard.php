<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** Jobs as they lie, with what each day and tank holds, so that a move costs no more than a few sums. */
final class PlacementBoard
{
    /** Costs of moves that were worked out so far. */
    public int $looked = 0;

    /** @var array<int, int> day on which each lies */
    public array $days = [];

    /** @var list<int> */
    public readonly array $first;

    /** @var list<int> */
    public readonly array $last;

    /** @var array<int, list<float>> cost of each by its day alone */
    private array $own = [];

    /** @var array<int, int> minutes of each day, set-ups among them */
    private array $used = [];

    /** @var array<int, array<int, int>> jobs by day and tank */
    private array $held = [];

    /** @param list<ScheduledTask> $jobs */
    public function __construct(private readonly Placing $placing, public readonly array $jobs)
    {
        $end = count($placing->minutes) - 1;
        $this->first = array_map(static fn(ScheduledTask $job): int => min($job->earliest, $end), $jobs);
        $this->last = array_map(static fn(ScheduledTask $job): int => min($job->latest, $end), $jobs);
        $this->lay(array_map(static fn(ScheduledTask $job): int => $job->wished($end + 1), $jobs));
    }

    /** @param array<int, int> $days */
    public function lay(array $days): void
    {
        $this->days = $days;
        $this->used = array_fill(0, count($this->placing->minutes), 0);
        $this->held = [];
        foreach ($days as $i => $day) {
            $this->put($i, $day, 1);
        }
    }

    /** @throws CalendarFault when there is no such job or day */
    public function move(int $i, int $day): void
    {
        $this->check($i, $day);
        $this->put($i, $this->days[$i], -1);
        $this->put($i, $day, 1);
        $this->days[$i] = $day;
    }

    /**
     * What it would cost more to have a job on another day.
     *
     * @throws CalendarFault when there is no such job or day
     */
    public function costOf(int $i, int $day): float
    {
        $this->check($i, $day);
        ++$this->looked;
        $from = $this->days[$i];
        if ($day === $from) {
            return 0.0;
        }
        $job = $this->jobs[$i];
        $tank = $job->tank;
        $minutes = $this->placing->minutes;
        $setUp = $tank === 0 ? 0 : $this->placing->setUp;
        $off = $job->minutes + ($this->held[$from][$tank] === 1 ? $setUp : 0);
        $on = $job->minutes + (($this->held[$day][$tank] ?? 0) === 0 ? $setUp : 0);
        $there = $this->used[$from] - $minutes[$from];
        $here = $this->used[$day] - $minutes[$day];
        $over = ($there > $off ? $there - $off : 0) - ($there > 0 ? $there : 0) + ($here + $on > 0 ? $here + $on : 0) - ($here > 0 ? $here : 0);

        // Reckoned once it is asked for: where the days are known already, few are.
        $own = $this->own[$i] ??= array_map(static fn(int $at): float => $job->late($at) + $job->early($at), range(0, count($minutes) - 1));

        return $own[$day] - $own[$from] + Placing::OVER * $over + Placing::USED * ($on - $off);
    }

    /**
     * The same by what it costs for.
     *
     * @throws CalendarFault when there is no such job or day
     */
    public function more(int $i, int $day): PlacementCost
    {
        $this->check($i, $day);
        $from = $this->days[$i];
        $job = $this->jobs[$i];
        if ($day === $from) {
            return new PlacementCost(0.0, 0.0, 0.0, 0.0);
        }
        $setUp = $job->tank === 0 ? 0 : $this->placing->setUp;
        $off = $job->minutes + ($this->held[$from][$job->tank] === 1 ? $setUp : 0);
        $on = $job->minutes + (($this->held[$day][$job->tank] ?? 0) === 0 ? $setUp : 0);
        $there = $this->used[$from] - $this->placing->minutes[$from];
        $here = $this->used[$day] - $this->placing->minutes[$day];

        return new PlacementCost(
            $job->late($day) - $job->late($from),
            $job->early($day) - $job->early($from),
            Placing::OVER * (max(0, $there - $off) - max(0, $there) + max(0, $here + $on) - max(0, $here)),
            Placing::USED * ($on - $off),
        );
    }

    public function cost(): float
    {
        return $this->bill()->total();
    }

    public function bill(): PlacementCost
    {
        $late = $early = $over = $used = 0.0;
        foreach ($this->jobs as $i => $job) {
            $late += $job->late($this->days[$i]);
            $early += $job->early($this->days[$i]);
        }
        foreach ($this->used as $day => $minutes) {
            $over += max(0, $minutes - $this->placing->minutes[$day]);
            $used += $minutes;
        }

        return new PlacementCost($late, $early, Placing::OVER * $over, Placing::USED * $used);
    }

    /** Minutes of work on a day, set-ups among them. */
    public function used(int $day): int
    {
        return $this->used[$day] ?? 0;
    }

    /** @return array<int, array<int, list<int>>> jobs that lie together, by day and tank */
    public function sessions(): array
    {
        $sessions = [];
        foreach ($this->days as $i => $day) {
            if ($this->jobs[$i]->tank !== 0) {
                $sessions[$day][$this->jobs[$i]->tank][] = $i;
            }
        }

        return $sessions;
    }

    private function check(int $i, int $day): void
    {
        if (!isset($this->days[$i], $this->used[$day])) {
            throw CalendarFault::nowhere();
        }
    }

    private function put(int $i, int $day, int $times): void
    {
        $job = $this->jobs[$i];
        $before = $this->held[$day][$job->tank] ?? 0;
        $this->held[$day][$job->tank] = $before + $times;
        $this->used[$day] += $times * $job->minutes;
        if ($job->tank !== 0 && ($before === 0) !== ($before + $times === 0)) {
            $this->used[$day] += $times * $this->placing->setUp;
        }
    }
}
