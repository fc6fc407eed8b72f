<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** A kind of job that comes again: how long it takes, how its day comes, what it costs to be late. Its words stand in the language files. */
final readonly class JobKind
{
    /**
     * @param int         $minutes   it takes, until the log says better
     * @param int         $days      after which it is due again, until the log says better
     * @param float       $early     share of those days by which it may be done before, 0 to 1
     * @param float       $late      share of those days by which it may wait, above 0
     * @param bool        $lowWater  whether it goes with a change, when the water stands low
     * @param bool        $atTank    whether it is of one tank, or of the household
     * @param string|null $task      of a session that does it
     * @param bool        $setsUp    whether something is laid out for it: not for a look, a reading or a photo
     * @param bool        $isOffered whether a keeper may set it up as a job of its own
     * @param string|null $wears     by what it wears where not by days: readings, litres of reverse osmosis, hours of the lamps
     * @param float       $most      of that which it stands
     */
    public function __construct(
        public string $key,
        public int $minutes,
        public int $days,
        public Recurrence $comes,
        public Lateness $lateness,
        public float $early = 0.3,
        public float $late = 0.5,
        public bool $lowWater = false,
        public bool $atTank = true,
        public ?string $task = null,
        public bool $setsUp = true,
        public bool $isOffered = true,
        public ?string $wears = null,
        public float $most = 0.0,
    ) {}

    /** Days by which it may be done before its day; at least one for what comes by the week or more. */
    public function daysEarly(?float $every = null): int
    {
        return (int) round($this->early * max(1.0, $every ?? $this->days));
    }

    /** Days that it may wait after its day; 0 for what is done by the day. */
    public function daysLate(?float $every = null): int
    {
        return (int) max(1, round($this->late * max(1.0, $every ?? $this->days)));
    }
}
