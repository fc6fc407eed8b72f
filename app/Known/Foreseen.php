<?php

declare(strict_types=1);

namespace App\Known;

use Cresco\Core\Rhythm\JobKind;
use Cresco\Core\Rhythm\JobKinds;

/** A job that will come, once: what, where, when. */
final readonly class Foreseen
{
    /**
     * @param string      $key     of what comes again and again, as "3.task.glass"
     * @param string      $id      of this one time
     * @param int         $tank    0 for the household
     * @param int         $due     day, counted from today
     * @param int         $every   days until the next; 0 where that is not known yet
     * @param string|null $name    of what it is about: a stand, the keeper's own words
     * @param int|null    $of      number of the record behind it
     * @param bool        $isSet   whether its day is set already and nobody moves it here
     * @param int|null    $laid    day that the keeper laid it on
     * @param float       $litres  of new water that it takes
     * @param int         $first   days by which it may be earlier
     * @param int         $last    days by which it may be later
     */
    public function __construct(
        public string $key,
        public string $id,
        public int $tank,
        public JobKind $kind,
        public int $minutes,
        public int $due,
        public int $every,
        public ?string $name = null,
        public ?int $of = null,
        public bool $isSet = false,
        public ?int $laid = null,
        public float $litres = 0.0,
        public int $first = 0,
        public int $last = 0,
    ) {}

    /** The same time as work of another kind, of which nobody knows yet what water it takes. */
    public function as(JobKind $kind): self
    {
        return new self($this->key, $this->id, $this->tank, $kind, max($this->minutes, $kind->minutes), $this->due, $this->every, $this->name, $this->of, $this->isSet, $this->laid, 0.0, $this->first, $this->last);
    }

    /** Whether it is done in a session at its tank: a change, work of the catalogue, a sheet. */
    public function isSession(): bool
    {
        return $this->tank !== 0 && ($this->litres > 0.0 || $this->kind->task !== null || in_array($this->kind->key, ['sheet', JobKinds::WAY_BACK], true));
    }
}
