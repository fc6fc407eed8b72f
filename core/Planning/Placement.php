<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** Jobs on their days, what that costs, and why each lies there. */
final readonly class Placement
{
    private PlacementBoard $board;

    /** @var array<string, int> */
    private array $at;

    /**
     * @param list<ScheduledTask> $jobs
     * @param list<int>           $days       of each
     * @param bool                $isCutShort whether there were so many jobs that better days may be there
     */
    public function __construct(private Placing $placing, public array $jobs, array $days, public bool $isCutShort = false)
    {
        $this->board = new PlacementBoard($placing, $jobs);
        $this->board->lay($days);
        $at = [];
        foreach ($jobs as $i => $job) {
            $at[$job->id] = $i;
        }
        $this->at = $at;
    }

    public function bill(): PlacementCost
    {
        return $this->board->bill();
    }

    /** Day on which a job lies; null for one that is not among them. */
    public function day(string $id): ?int
    {
        return isset($this->at[$id]) ? $this->board->days[$this->at[$id]] : null;
    }

    /** @return list<ScheduledTask> of one day, what waits least first */
    public function on(int $day): array
    {
        $found = [];
        foreach ($this->jobs as $i => $job) {
            if ($this->board->days[$i] === $day) {
                $found[] = $job;
            }
        }
        usort($found, self::before(...));

        return $found;
    }

    /** What waits least first. */
    private static function before(ScheduledTask $a, ScheduledTask $b): int
    {
        return [$b->perDay, $a->due, $a->id] <=> [$a->perDay, $b->due, $b->id];
    }

    /** Minutes of work on a day, set-ups among them. */
    public function minutes(int $day): int
    {
        return $this->board->used($day);
    }

    /** What all would cost more with a job on another day; nothing moves. */
    public function ifMoved(string $id, int $day): ?PlacementCost
    {
        if (!isset($this->at[$id]) || !isset($this->placing->minutes[$day])) {
            return null;
        }

        return $this->board->more($this->at[$id], $day);
    }

    public function why(string $id): PlacementReason
    {
        $day = $this->day($id);
        $job = $day === null ? null : $this->jobs[$this->at[$id]];
        if ($job === null || $job->isFixed) {
            return $job === null ? PlacementReason::Due : PlacementReason::Hand;
        }
        $wished = $job->wished(count($this->placing->minutes));
        if ($day === $wished) {
            return $job->due < 0 ? PlacementReason::Overdue : PlacementReason::Due;
        }
        if ($this->placing->minutes[$wished] === 0) {
            return PlacementReason::NoTime;
        }
        $there = $this->ifMoved($id, $wished);

        return match (true) {
            $there !== null && $there->over > 0.0 => PlacementReason::Full,
            default => PlacementReason::Together,
        };
    }

    /** The job that waits least of those on the day on which this one is due: it is what stays there instead. */
    public function instead(string $id): ?ScheduledTask
    {
        $job = isset($this->at[$id]) ? $this->jobs[$this->at[$id]] : null;
        if ($job === null) {
            return null;
        }
        $wished = $job->wished(count($this->placing->minutes));
        $first = null;
        foreach ($this->jobs as $i => $other) {
            if ($this->board->days[$i] === $wished && $other->id !== $id && ($first === null || self::before($other, $first) < 0)) {
                $first = $other;
            }
        }

        return $first;
    }
}
