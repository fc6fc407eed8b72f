<?php

declare(strict_types=1);

namespace App\Schedule;

use Carbon\CarbonImmutable;

/** One day of the week page. */
final readonly class WeekDay
{
    /**
     * @param int               $number   counted from today
     * @param int               $taken    minutes of work on it, those to set up among them
     * @param int               $free     minutes that it has
     * @param string            $says     what takes time of it
     * @param list<WeekSession> $sessions
     * @param string            $doses    what is given by hand, in words
     * @param int|null          $doseTank the first tank of them
     */
    public function __construct(
        public int $number,
        public CarbonImmutable $day,
        public int $taken,
        public int $free,
        public string $says,
        public array $sessions,
        public string $doses = '',
        public ?int $doseTank = null,
    ) {}

    public function over(): int
    {
        return max(0, $this->taken - $this->free);
    }

    /** Share of what the day has that is taken, to 1. */
    public function share(): float
    {
        return $this->taken <= 0 ? 0.0 : min(1.0, $this->free === 0 ? 1.0 : $this->taken / $this->free);
    }
}
