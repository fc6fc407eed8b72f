<?php

declare(strict_types=1);

namespace Cresco\Core\Rhythm;

/** Something that wants doing within a band of days: the one way in which Cresco says when. */
final readonly class Due
{
    /**
     * @param string $key   what it is
     * @param int    $from  day on which it may first be due, counted from today; below 0 for days gone by
     * @param int    $until day after which it is late, not before the first
     * @param string $why   key of its reason
     * @param float|null $hours until it may be done, for what goes by the hour; 0 or less once it may
     *
     * @throws RhythmFault when the band ends before it begins
     */
    public function __construct(public string $key, public int $from, public int $until, public string $why = '', public ?float $hours = null)
    {
        if ($until < $from) {
            throw RhythmFault::band();
        }
    }

    /** What comes again after so many days, and was last done so many days ago. */
    public static function again(string $key, int $every, int $since, string $why = 'again'): self
    {
        return new self($key, $every - $since, $every - $since, $why);
    }

    /** Day on which it is due as likely as not, counted from today. */
    public function middle(): float
    {
        return ($this->from + $this->until) / 2.0;
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
