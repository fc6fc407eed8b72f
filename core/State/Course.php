<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Measure\LevelPrior;
use Cresco\Core\Measure\NormalValue;

/**
 * The course of one level: where it stands, what the tank makes or takes of it in a day beside what is written down, and how far the
 * kit is off, found from all that was read, and carried on.
 *
 * A Kalman filter by the day (Kalman, 1960) for level, rate and factor of the kit. The rate is a random walk; how far it walks is learned
 * too: WALKS filters run side by side and each counts by how well it foresaw the readings. At each reading each becomes several: as before,
 * something came or went that is not written down, or the reading is a slip (a Gaussian sum filter, Sorenson and Alspach, 1971). Nothing
 * is decided: the next reading tells. A level is never below nothing: the part of its bell that would be lies at nothing.
 */
final readonly class Course
{
    /** By which a rate walks in the square root of a day, as a share of what it may be off at first. House defaults. */
    public const WALKS = [0.02, 0.05, 0.08];

    /** By which days differ, in the square root of a day, as a share of what a rate may be off at first: no meal is like another. House default. */
    private const UNEVEN = 0.15;

    /** What a kit is off by in all of its readings, as a share, a standard deviation. House default. */
    public const KIT = 0.08;

    /** Chance that nothing happens in a day that is not written down. House default. */
    private const QUIET = 0.9965;

    /** Bells at most, and the least weight of one. House limits. */
    private const BELLS = [10, 1e-3];

    /** Weight of slips from which on a reading is said to be set aside. House default. */
    private const DOUBTED = 0.5;

    /** Points closer than this share of the highest, and than so many days, are one to the eye. */
    private const APART = 0.06;

    /** Days that points which hardly differ lie apart. */
    private const DAYS_APART = 0.9;

    /**
     * @param list<CourseState> $states one for each walk, as they stand on the last day
     * @param list<CoursePoint> $points by day
     * @param list<float>       $aside  days whose readings fit nothing else
     * @param int               $count  readings that it was learned from
     */
    private function __construct(
        private array $states,
        public float $day,
        public float $loss,
        public array $points,
        public array $aside,
        public int $count,
        public LastRead $read,
    ) {}

    /**
     * @param LevelPrior       $balance what is held of it before anything was read
     * @param NormalValue|null $start   level on the first day; null where nothing is known of it, so that it is what the first reading says
     * @param NormalValue      $rate    made in a day before anything was read; below 0 for what is taken up
     * @param float            $loss    share lost in a day, as a rate
     * @param list<Event>      $events  in any order; those before the first day, and without a start those before the first reading, do not count
     * @param float            $from    first day
     * @param float            $until   last day, at most 4,000 later
     * @param float            $drawn   first day of which points are kept
     * @param float            $step    days by which it goes on at most, above 0
     *
     * @throws StateFault
     */
    public static function fitted(
        LevelPrior $balance,
        ?NormalValue $start,
        NormalValue $rate,
        float $loss,
        array $events,
        float $from,
        float $until,
        float $drawn = -INF,
        float $step = 1.0,
    ): self {
        $events = Event::inOrder(array_values(array_filter($events, static fn(Event $event): bool => $event->day >= $from && $event->day <= $until)));
        $first = $start === null ? array_search(EventKind::Read, array_map(static fn(Event $event): EventKind => $event->kind, $events), true) : false;
        $start ??= new NormalValue($balance->source, $balance->sourceOff);
        $reading = $first === false ? null : $events[$first];
        $states = [];
        foreach (self::WALKS as $walk) {
            $states[] = $reading === null ? CourseState::begin(max(0.0, $start->central()), $start->spread(), $rate->central(), $rate->spread(), self::KIT, $walk * $balance->rate, $balance->floor, self::UNEVEN * $balance->rate)
                : CourseState::atFirst($reading, $balance->floor, $rate->central(), $rate->spread(), $walk * $balance->rate, self::UNEVEN * $balance->rate);
        }
        $begun = new self(
            $states,
            $reading->day ?? $from,
            self::checkedLoss($loss),
            [],
            [],
            $reading === null ? 0 : 1,
            new LastRead($reading->day ?? $from, $reading->value ?? max(0.0, $start->central()), null, $reading?->value),
        );

        return $begun->through($first === false ? $events : array_slice($events, $first + 1), $until, $balance, null, $drawn, $step);
    }

    /**
     * Carried on from where it stands.
     *
     * @param list<Event>      $events those before its day do not count
     * @param float            $until  last day
     * @param list<float>|null $turns  by how much the rate differs from today's on each day from now, mg/L a day; the last holds on
     *
     * @throws StateFault
     */
    public function ahead(array $events, float $until, ?array $turns = null): self
    {
        return (new self($this->states, $this->day, $this->loss, [], [], 0, $this->read))
            ->through(array_values(array_filter($events, fn(Event $event): bool => $event->day > $this->day)), $until, null, $turns);
    }

    /**
     * Gone on to a later day with what comes by itself.
     *
     * @param list<Event> $events none of which is a reading
     *
     * @throws StateFault
     */
    public function on(array $events, float $until): self
    {
        $later = $this->ahead($events, $until);

        return new self($later->states, $until, $this->loss, [...$this->points, ...$later->points], $this->aside, $this->count, $this->read);
    }

    /**
     * What is left of it without a part of it, as magnesium is hardness less calcium. Both stand on the same day.
     *
     * @param float $ofWhole of its unit in one of the unit of the whole
     * @param float $ofPart  of its unit in one of the unit of the part
     *
     * @throws StateFault
     */
    public function without(self $part, float $ofWhole, float $ofPart): self
    {
        if (!($ofWhole > 0.0 && $ofPart > 0.0 && max($ofWhole, $ofPart) < 1e9) || abs($this->day - $part->day) > 1e-6) {
            throw StateFault::days();
        }
        $states = [];
        foreach ($this->states as $of) {
            foreach ($part->states as $without) {
                $states[] = $of->without($without, $ofWhole, $ofPart);
            }
        }
        $points = [];
        foreach ($this->points as $point) {
            $other = $part->at($point->day);
            if ($other !== null) {
                $level = max(0.0, $ofWhole * $point->level - $ofPart * $other->level);
                $points[] = new CoursePoint(
                    $point->day,
                    $level,
                    max(0.0, $level - hypot($ofWhole * ($point->level - $point->low), $ofPart * ($other->high - $other->level))),
                    $level + hypot($ofWhole * ($point->high - $point->level), $ofPart * ($other->level - $other->low)),
                );
            }
        }
        $level = max(0.0, $ofWhole * $this->level()->level - $ofPart * $part->level()->level);

        return new self(
            self::heaviest($states),
            $this->day,
            0.0,
            $points,
            [...$this->aside, ...$part->aside],
            min($this->count, $part->count),
            new LastRead($this->day, $level),
        );
    }

    /** The same with as many points as an eye can tell apart. */
    public function thinned(): self
    {
        $far = self::APART * $this->highest();
        $kept = [];
        $last = null;
        $end = count($this->points) - 1;
        foreach ($this->points as $i => $point) {
            if ($last === null || $i === $end || $point->day - $last->day > self::DAYS_APART || abs($point->level - $last->level) > $far) {
                // The point before a jump stays, so that it stands upright.
                $before = $this->points[$i - 1] ?? null;
                if ($last !== null && $before !== null && $before !== $last && abs($point->level - $before->level) > $far) {
                    $kept[] = $before;
                }
                $kept[] = $last = $point;
            }
        }

        return new self($this->states, $this->day, $this->loss, $kept, $this->aside, $this->count, $this->read);
    }

    /**
     * All that it is, to be kept; its points are packed, since there are hundreds of them.
     *
     * @return array<string, mixed>
     */
    public function toKeep(): array
    {
        $points = [];
        foreach ($this->points as $point) {
            array_push($points, $point->day, $point->level, $point->low, $point->high);
        }

        return [
            'day' => $this->day, 'loss' => $this->loss, 'count' => $this->count, 'aside' => $this->aside,
            'read' => [$this->read->day, $this->read->level, $this->read->foretold, $this->read->value],
            'states' => array_map(static fn(CourseState $state): array => $state->toKeep(), $this->states),
            'points' => base64_encode(pack('e*', ...$points)),
        ];
    }

    /**
     * @param array<mixed> $kept by toKeep()
     *
     * @return self|null null for what is none
     */
    public static function kept(array $kept): ?self
    {
        $number = static fn(mixed $of): ?float => is_float($of) || is_int($of) ? (float) $of : null;
        $states = array_filter(array_map(
            static fn(mixed $state): ?CourseState => is_array($state) ? CourseState::kept($state) : null,
            array_values((array) ($kept['states'] ?? [])),
        ));
        [$day, $loss, $read] = [$number($kept['day'] ?? null), $number($kept['loss'] ?? null), array_values((array) ($kept['read'] ?? []))];
        [$then, $level] = [$number($read[0] ?? null), $number($read[1] ?? null)];
        if ($states === [] || $day === null || $loss === null || $then === null || $level === null) {
            return null;
        }
        $packed = base64_decode(is_string($kept['points'] ?? null) ? $kept['points'] : '', true);
        $points = array_map(
            static fn(mixed $of): float => is_float($of) ? $of : 0.0,
            array_values($packed === false || $packed === '' ? [] : (unpack('e*', $packed) ?: [])),
        );

        return new self(
            array_values($states),
            $day,
            self::checkedLoss($loss),
            array_map(
                static fn(array $of): CoursePoint => new CoursePoint(...$of),
                array_values(array_filter(array_chunk($points, 4), static fn(array $of): bool => count($of) === 4)),
            ),
            array_values(array_filter(array_map($number, (array) ($kept['aside'] ?? [])), is_float(...))),
            is_int($kept['count'] ?? null) ? $kept['count'] : 0,
            new LastRead($then, $level, $number($read[2] ?? null), $number($read[3] ?? null)),
        );
    }

    /** Whether it was last read with a kit whose factor is not followed: a meter. */
    public function isByPen(): bool
    {
        return $this->count > 0 && $this->states !== [] && $this->states[0]->isByPen();
    }

    /** Level on its last day. */
    public function level(): CoursePoint
    {
        return self::point($this->states, $this->day);
    }

    /** The same, with all that may be. */
    public function now(): Level
    {
        return self::of($this->states);
    }

    /** Whether something happened that is not written down, or a reading was a slip, and only the next one tells. */
    public function isOpen(): bool
    {
        return $this->now()->apart() !== null;
    }

    /** Made in a day beside what is written down, mg/L; below 0 for what is taken up. */
    public function rate(): NormalValue
    {
        return $this->mixed(static fn(CourseState $state): array => [$state->rate, $state->ofRate]);
    }

    /** By which its kit is off, as a share. */
    public function kit(): NormalValue
    {
        return $this->mixed(static fn(CourseState $state): array => [$state->kit, $state->ofKit]);
    }

    /** The point of a day, or the last before it; null before the first. */
    public function at(float $day): ?CoursePoint
    {
        $found = null;
        foreach ($this->points as $point) {
            if ($point->day > $day + 1e-9) {
                break;
            }
            $found = $point;
        }

        return $found;
    }

    /** Highest of what nine cases of ten stay under, over all points. */
    public function highest(): float
    {
        return max([0.0, ...array_map(static fn(CoursePoint $point): float => $point->high, $this->points)]);
    }

    private static function checkedLoss(float $loss): float
    {
        if (!($loss >= 0.0 && $loss <= 5.0)) {
            throw StateFault::loss();
        }

        return $loss;
    }

    /**
     * @param list<Event>      $events
     * @param LevelPrior|null  $balance null where nothing is read
     * @param list<float>|null $turns
     * @param float            $drawn   first day of which points are kept
     */
    private function through(array $events, float $until, ?LevelPrior $balance, ?array $turns, float $drawn = -INF, float $step = 1.0): self
    {
        if (!($step > 0.0) || !($until >= $this->day && $until - $this->day <= 4000.0)) {
            throw StateFault::days();
        }
        $states = array_map(static fn(CourseState $state): CourseState => clone $state, $this->states);
        $day = $this->day;
        $points = $day < $drawn ? [] : [self::point($states, $day)];
        $aside = [];
        $count = $this->count;
        $read = $this->read;
        $lastRead = $this->read->day;
        $isAfter = false;
        foreach ([...Event::inOrder($events), null] as $event) {
            $next = $event === null ? $until : max($day, min($until, $event->day));
            while ($day < $next) {
                // To the next midnight, or to the event if that comes sooner.
                $days = min($next - $day, max(1e-9, floor($day + $step + 1e-9) - $day));
                $turn = $turns === null || $turns === [] ? 0.0 : $turns[(int) min(count($turns) - 1, max(0.0, floor($day - $this->day + 1e-9)))];
                [$kept, $comes] = MassBalance::keeps($this->loss, $days);
                foreach ($states as $state) {
                    $state->pass($days, $kept, $comes, $turn);
                }
                $day += $days;
                if ($day >= $drawn) {
                    $points[] = self::point($states, $day);
                }
                $isAfter = false;
            }
            if ($event === null || $event->day > $until) {
                continue;
            }
            if ($event->kind === EventKind::Read && $balance !== null) {
                ++$count;
                $foretold = self::point($states, $day)->level;
                [$states, $slips] = self::weigh($states, $event, $balance, 1.0 - self::QUIET ** max(0.0, $day - $lastRead));
                if ($slips > self::DOUBTED) {
                    $aside[] = $event->day;
                }
                $lastRead = $day;
                $read = new LastRead($day, self::point($states, $day)->level, $foretold, $event->value);
            } else {
                foreach ($states as $state) {
                    $state->meet($event);
                }
            }
            if ($day < $drawn) {
                continue;
            }
            // What happens at a moment stands beside the level before it, all of it together.
            if ($isAfter) {
                array_pop($points);
            }
            $points[] = self::point($states, $day);
            $isAfter = true;
        }

        return new self($states, $until, $this->loss, $points, $aside, $count, $read);
    }

    /**
     * What each state makes of a reading: alike ones joined, the heaviest kept.
     *
     * @param list<CourseState> $states
     * @param float             $happened chance that something happened since the last reading
     *
     * @return array{list<CourseState>, float} and the weight of those for which it is a slip
     */
    private static function weigh(array $states, Event $event, LevelPrior $balance, float $happened): array
    {
        $found = [];
        $slips = $sum = 0.0;
        foreach ($states as $state) {
            foreach ($state->read($event, $balance->floor, $happened, $balance->top) as $one) {
                $found[] = $one;
                $sum += $one->weight;
                $slips += $one->isSlip ? $one->weight : 0.0;
            }
        }
        return $sum <= 0.0 ? [$states, 1.0] : [self::heaviest($found), $slips / $sum];
    }

    /**
     * Alike ones joined, the heaviest kept.
     *
     * @param list<CourseState> $found
     *
     * @return list<CourseState> of which the weights are one together
     */
    private static function heaviest(array $found): array
    {
        $sum = array_sum(array_map(static fn(CourseState $state): float => $state->weight, $found));
        usort($found, static fn(CourseState $a, CourseState $b): int => $b->weight <=> $a->weight);
        $kept = [];
        foreach ($found as $one) {
            foreach ($one->weight < self::BELLS[1] * $sum ? [] : [...$kept, null] as $k => $other) {
                if ($other === null) {
                    $kept[] = $one;
                } elseif ($other->isLike($one)) {
                    $kept[$k] = $other->with($one);
                    break;
                }
            }
        }
        usort($kept, static fn(CourseState $a, CourseState $b): int => $b->weight <=> $a->weight);
        $kept = array_slice($kept, 0, self::BELLS[0]);
        $all = array_sum(array_map(static fn(CourseState $state): float => $state->weight, $kept));
        foreach ($kept as $state) {
            $state->weight /= $all;
            $state->isSlip = false;
        }

        return $kept;
    }

    /** @param list<CourseState> $states */
    private static function point(array $states, float $day): CoursePoint
    {
        $level = self::of($states);

        return new CoursePoint($day, $level->central(), $level->quantile(0.1), $level->quantile(0.9));
    }

    /** @param list<CourseState> $states */
    private static function of(array $states): Level
    {
        $bells = [];
        foreach ($states as $state) {
            $bells[] = [$state->weight, $state->level, sqrt($state->ofLevel)];
        }

        return new Level($bells === [] ? [[1.0, 0.0, 0.0]] : $bells);
    }

    /** @param callable(CourseState): array{float, float} $of value and variance */
    private function mixed(callable $of): NormalValue
    {
        [$mean, $square] = [0.0, 0.0];
        foreach ($this->states as $state) {
            [$value, $variance] = $of($state);
            $mean += $state->weight * $value;
            $square += $state->weight * ($variance + $value ** 2);
        }

        return new NormalValue($mean, sqrt(max(0.0, $square - $mean ** 2)));
    }
}
