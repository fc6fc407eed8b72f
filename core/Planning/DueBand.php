<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** A band of days within which something wants doing: the one way in which Cresco says when. */
final readonly class DueBand
{
    /**
     * @param int        $from  day on which it may first be due, counted from today; below 0 for days gone by
     * @param int        $until day after which it is late, not before the first
     * @param float|null $hours until it may be done, for what goes by the hour; 0 or less once it may
     *
     * @throws PlanningFault when the band ends before it begins
     */
    public function __construct(public int $from, public int $until, public ?float $hours = null)
    {
        if ($until < $from) {
            throw PlanningFault::band();
        }
    }

    /** On one day. */
    public static function on(int $day): self
    {
        return new self($day, $day);
    }

    /** What comes again after so many days, and was last done so many days ago. */
    public static function again(int $every, int $since): self
    {
        return self::on($every - $since);
    }

    /** When it is due as likely as not, days from today. */
    public function middle(): float
    {
        return ($this->from + $this->until) / 2.0;
    }

    /** The day of it: of what goes by the hour the first. */
    public function day(): int
    {
        return $this->hours === null ? (int) floor($this->middle()) : $this->from;
    }

    public function isNow(): bool
    {
        return $this->hours === null ? $this->from <= 0 : $this->hours <= 0.0;
    }

    public function isLate(): bool
    {
        return $this->until < 0;
    }

    /** Days since it fell due; below 0 while it does not. */
    public function over(): int
    {
        return -$this->from;
    }
}
