<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** Something that is to be done, once: what, where, when, and how soon. */
final readonly class UpcomingJob
{
    public int $minutes;

    /**
     * @param int          $time    which time of those that come: 0 for the next
     * @param int|null     $minutes that it takes; null for the usual ones of its kind
     * @param int          $every   days until the next; 0 where that is not known yet
     * @param string|null  $name    of what it is about: a plant group, the keeper's own words
     * @param int|null     $of      number of the record that it leads to
     * @param bool         $isSet   whether its day is set already and nobody moves it here
     * @param int|null     $laid    day that the keeper laid it on
     * @param float        $litres  of new water that it takes
     * @param Concern|null $concern of the water, where it is that
     */
    public function __construct(
        public JobKey $key,
        public DueBand $due,
        public Urgency $urgency,
        public JobKind $kind,
        public int $time = 0,
        ?int $minutes = null,
        public int $every = 0,
        public ?string $name = null,
        public ?int $of = null,
        public bool $isSet = false,
        public ?int $laid = null,
        public float $litres = 0.0,
        public ?Concern $concern = null,
    ) {
        $this->minutes = $minutes ?? $kind->minutes;
    }

    /** Of this one time, such as "12.task.glass@0". */
    public function id(): string
    {
        return $this->key.'@'.$this->time;
    }

    public function tank(): int
    {
        return $this->key->tank;
    }

    /** Day on which it is due as likely as not, counted from today. */
    public function day(): int
    {
        return $this->due->day();
    }

    /** Days by which it may be earlier. */
    public function early(): int
    {
        return $this->kind->daysEarly($this->every > 0 ? (float) $this->every : null);
    }

    /** Days by which it may be later. */
    public function late(): int
    {
        return max($this->kind->daysLate($this->every > 0 ? (float) $this->every : null), $this->due->until - $this->day());
    }

    /** A later time of the same. */
    public function again(int $time, int $day, ?int $laid): self
    {
        return new self(
            $this->key,
            DueBand::on($day),
            Urgency::Ahead,
            $this->kind,
            $time,
            $this->minutes,
            $this->every,
            $this->name,
            $this->of,
            $this->isSet,
            $laid,
            $this->litres,
            $this->concern,
        );
    }

    /** The same, which takes so many minutes. */
    public function taking(int $minutes): self
    {
        return new self(
            $this->key,
            $this->due,
            $this->urgency,
            $this->kind,
            $this->time,
            $minutes,
            $this->every,
            $this->name,
            $this->of,
            $this->isSet,
            $this->laid,
            $this->litres,
            $this->concern,
        );
    }

    /** The same, laid on a day by the keeper. */
    public function laidOn(?int $day): self
    {
        return new self(
            $this->key,
            $this->due,
            $this->urgency,
            $this->kind,
            $this->time,
            $this->minutes,
            $this->every,
            $this->name,
            $this->of,
            $this->isSet,
            $day,
            $this->litres,
            $this->concern,
        );
    }

    /** Whether it is done in a session at its tank: a change, work of the catalogue, a checklist. */
    public function isSession(): bool
    {
        return $this->tank() !== 0 && ($this->litres > 0.0 || $this->kind->task !== null || in_array($this->kind->key, ['sheet', JobKinds::WAY_BACK], true));
    }

    /**
     * Most urgent first; of those that are as urgent by what they are of, and then the longest overdue.
     *
     * @param list<self> $jobs
     *
     * @return list<self>
     */
    public static function inOrder(array $jobs): array
    {
        $types = array_flip(array_map(static fn(JobType $type): string => $type->value, JobType::cases()));
        usort(
            $jobs,
            static fn(self $a, self $b): int => [
                $a->urgency->value, $types[$a->key->type->value], $a->due->from, $a->due->until,
            ] <=> [$b->urgency->value, $types[$b->key->type->value], $b->due->from, $b->due->until],
        );

        return $jobs;
    }
}
