<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** A job that is to be laid on a day; days count from today, which is 0. */
final readonly class ScheduledTask
{
    /**
     * @param string $id       that no other job has
     * @param int    $tank     where it is done; 0 for what is done at none, which needs nothing set up
     * @param int    $minutes  0 or more
     * @param int    $due      day on which it is due; below 0 for one that is overdue
     * @param int    $earliest first day on which it may be done, 0 or more
     * @param int    $latest   last one, not before the first
     * @param float  $perDay   what each day late costs, 0 or more
     * @param bool   $isFixed  whether the keeper laid it where it lies
     *
     * @throws CalendarFault when its days or minutes make no sense
     */
    public function __construct(
        public string $id,
        public int $tank,
        public int $minutes,
        public int $due,
        public int $earliest,
        public int $latest,
        public float $perDay,
        public bool $isFixed = false,
    ) {
        if ($earliest < 0 || $latest < $earliest) {
            throw CalendarFault::window();
        }
        if ($minutes < 0 || !is_finite($perDay) || $perDay < 0.0) {
            throw CalendarFault::cost();
        }
    }

    /** What it costs on a day by being late. */
    public function late(int $day): float
    {
        return $day > $this->due ? ($day - $this->due) * $this->perDay : 0.0;
    }

    /** What it costs on a day by being early. */
    public function early(int $day): float
    {
        return $day < $this->due ? ($this->due - $day) * $this->perDay * Placing::EARLY : 0.0;
    }

    /** The day that it would be done on if nothing stood against it, within the days that there are. */
    public function wished(int $days): int
    {
        return max($this->earliest, min($this->due, $this->latest, $days - 1));
    }
}
