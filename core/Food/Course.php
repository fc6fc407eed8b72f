<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Nutrient;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Numeric\NormalTail;

/**
 * The course of one nutrient: where it stands, what the tank makes or takes of it in a day beside what is written down, and how far the
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

    /** What a kit is off by in all of its readings, as a share, a standard deviation. House default. */
    public const KIT = 0.08;

    /** Chance that nothing happens in a day that is not written down. House default. */
    private const QUIET = 0.9965;

    /** Highest level that anything may bring, in deviations of what a tap may hold. House default. */
    private const TOP = 40.0;

    /** Bells at most, and the least weight of one. House limits. */
    private const BELLS = [10, 1e-3];

    /** Halvings for the end of a band: to a thousandth of it. */
    private const HALVINGS = 14;

    /** Weight of slips from which on a reading is said to be set aside, and of bells that disagree from which on a figure is open. House defaults. */
    private const DOUBTED = [0.5, 0.1];

    /** Points closer than this share of the highest, and than so many days, are one to the eye. */
    private const APART = 0.06;

    /** Days that points which hardly differ lie apart. */
    private const DAYS_APART = 0.9;

    /** Deviations of the tenth and the ninetieth percentile of a bell. */
    private const TENTH = 1.2815515655446004;

    /**
     * @param list<CourseState> $states  one for each walk, as they stand on the last day
     * @param list<CoursePoint> $points  by day
     * @param list<float>       $aside   days whose readings fit nothing else
     * @param int               $count   readings that it was learned from
     */
    private function __construct(private array $states, public float $day, public float $loss, public array $points, public array $aside, public int $count, public LastRead $read) {}

    /**
     * @param Nutrient        $nutrient what is held of it before anything was read
     * @param Normal          $start    level on the first day
     * @param Normal          $rate     made in a day before anything was read, mg/L; below 0 for what is taken up
     * @param float           $loss     share lost in a day, as a rate
     * @param list<FoodEvent> $events   in any order; those before the first day do not count
     * @param float           $from     first day
     * @param float           $until    last day, at most 4,000 later
     *
     * @throws FoodFault
     */
    public static function fitted(Nutrient $nutrient, Normal $start, Normal $rate, float $loss, array $events, float $from, float $until): self
    {
        $states = [];
        foreach (self::WALKS as $walk) {
            $states[] = CourseState::begin(max(0.0, $start->central()), $start->spread(), $rate->central(), $rate->spread(), self::KIT, $walk * $nutrient->rate);
        }

        $events = array_values(array_filter($events, static fn(FoodEvent $event): bool => $event->day >= $from));

        return (new self($states, $from, self::checkedLoss($loss), [], [], 0, new LastRead($from, max(0.0, $start->central()))))->through($events, $until, $nutrient->floor, null, self::TOP * $nutrient->sourceOff);
    }

    /**
     * Carried on from where it stands.
     *
     * @param list<FoodEvent> $events those before its day do not count
     * @param float           $until  last day
     * @param list<float>|null $turns  by how much the rate differs from today's on each day from now, mg/L a day; the last holds on
     *
     * @throws FoodFault
     */
    public function ahead(array $events, float $until, ?array $turns = null): self
    {
        return (new self($this->states, $this->day, $this->loss, [], [], 0, $this->read))->through(array_values(array_filter($events, fn(FoodEvent $event): bool => $event->day > $this->day)), $until, 0.0, $turns, 1.0);
    }

    /** The same without what lies before a day. */
    public function since(float $day): self
    {
        return new self($this->states, $this->day, $this->loss, array_values(array_filter($this->points, static fn(CoursePoint $point): bool => $point->day >= $day)), $this->aside, $this->count, $this->read);
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
     * Kept with its points packed: a course has hundreds of them, and is read far more often than it is found.
     *
     * @return array{list<CourseState>, float, float, string, list<float>, int, LastRead}
     */
    public function __serialize(): array
    {
        $points = [];
        foreach ($this->points as $point) {
            array_push($points, $point->day, $point->level, $point->low, $point->high);
        }

        return [$this->states, $this->day, $this->loss, pack('e*', ...$points), $this->aside, $this->count, $this->read];
    }

    /** @param array{list<CourseState>, float, float, string, list<float>, int, LastRead} $kept */
    public function __unserialize(array $kept): void
    {
        [$this->states, $this->day, $this->loss, $packed, $this->aside, $this->count, $this->read] = $kept;
        $this->points = array_map(static fn(array $of): CoursePoint => new CoursePoint(...$of), array_chunk(array_map(static fn(mixed $number): float => is_float($number) ? $number : 0.0, array_values(unpack('e*', $packed) ?: [])), 4));
    }

    /** Level on its last day. */
    public function level(): CoursePoint
    {
        return self::point($this->states, $this->day);
    }

    /**
     * Whether bells that disagree by more than their bands each hold a tenth or more: something happened that is not written down, or a reading
     * was a slip, and only the next one tells.
     */
    public function isOpen(): bool
    {
        $states = $this->states;
        usort($states, static fn(CourseState $a, CourseState $b): int => $a->level <=> $b->level);
        // Lower end of the bands from each on upwards.
        $lowest = INF;
        $from = [];
        foreach (array_reverse($states) as $state) {
            $from[] = $lowest = min($lowest, $state->level - self::TENTH * sqrt($state->ofLevel));
        }
        $from = array_reverse($from);
        $below = 0.0;
        $highest = -INF;
        foreach ($states as $n => $state) {
            if ($below >= self::DOUBTED[1] && 1.0 - $below >= self::DOUBTED[1] && $from[$n] > $highest) {
                return true;
            }
            $below += $state->weight;
            $highest = max($highest, $state->level + self::TENTH * sqrt($state->ofLevel));
        }

        return false;
    }

    /** Made in a day beside what is written down, mg/L; below 0 for what is taken up. */
    public function rate(): Normal
    {
        return $this->mixed(static fn(CourseState $state): array => [$state->rate, $state->ofRate]);
    }

    /** By which its kit is off, as a share. */
    public function kit(): Normal
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
            throw FoodFault::loss();
        }

        return $loss;
    }

    /**
     * @param list<FoodEvent>  $events
     * @param list<float>|null $turns
     */
    private function through(array $events, float $until, float $floor, ?array $turns, float $top): self
    {
        if (!($until >= $this->day && $until - $this->day <= 4000.0)) {
            throw FoodFault::days();
        }
        $states = array_map(static fn(CourseState $state): CourseState => clone $state, $this->states);
        $day = $this->day;
        $points = [self::point($states, $day)];
        $aside = [];
        $count = 0;
        $read = $this->read;
        $lastRead = $this->read->day;
        $isAfter = false;
        foreach ([...FoodEvent::inOrder($events), null] as $event) {
            $next = $event === null ? $until : max($day, min($until, $event->day));
            while ($day < $next) {
                // To the next whole day counted from the first, or to the event if that comes sooner.
                $days = min($next - $day, $this->day + floor($day - $this->day + 1.0 + 1e-9) - $day);
                $turn = $turns === null || $turns === [] ? 0.0 : $turns[(int) min(count($turns) - 1, max(0.0, floor($day - $this->day + 1e-9)))];
                [$kept, $comes] = MassBalance::keeps($this->loss, $days);
                foreach ($states as $state) {
                    $state->pass($days, $kept, $comes, $turn);
                }
                $day += $days;
                $points[] = self::point($states, $day);
                $isAfter = false;
            }
            if ($event === null || $event->day > $until) {
                continue;
            }
            if ($event->kind === EventKind::Read) {
                ++$count;
                $foretold = self::point($states, $day)->level;
                [$states, $slips] = self::weigh($states, $event, $floor, 1.0 - self::QUIET ** max(0.0, $day - $lastRead), $top);
                if ($slips > self::DOUBTED[0]) {
                    $aside[] = $event->day;
                }
                $lastRead = $day;
                $read = new LastRead($day, self::point($states, $day)->level, $foretold, $event->value);
            } else {
                foreach ($states as $state) {
                    $state->meet($event);
                }
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
     * @param float             $top      highest level that anything may bring
     *
     * @return array{list<CourseState>, float} and the weight of those for which it is a slip
     */
    private static function weigh(array $states, FoodEvent $event, float $floor, float $happened, float $top): array
    {
        $found = [];
        $slips = $sum = 0.0;
        foreach ($states as $state) {
            foreach ($state->read($event, $floor, $happened, $top) as $one) {
                $found[] = $one;
                $sum += $one->weight;
                $slips += $one->isSlip ? $one->weight : 0.0;
            }
        }
        if ($sum <= 0.0) {
            return [$states, 1.0];
        }
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
        }

        return [$kept, $slips / $sum];
    }

    /** @param list<CourseState> $states */
    private static function point(array $states, float $day): CoursePoint
    {
        [$mean, $square, $most] = [0.0, 0.0, 0.0];
        foreach ($states as $state) {
            $mean += $state->weight * $state->level;
            $square += $state->weight * ($state->ofLevel + $state->level ** 2);
            $most = max($most, $state->weight);
        }
        $spread = sqrt(max(0.0, $square - $mean ** 2));
        // Where bells lie apart the band is that of all of them together, not of one of their spread.
        [$low, $high] = self::areOne($states, $mean) ? [$mean - self::TENTH * $spread, $mean + self::TENTH * $spread] : [self::quantile($states, 0.1), self::quantile($states, 0.9)];

        return new CoursePoint($day, $mean, max(0.0, $low), max(0.0, $high));
    }

    /**
     * Whether their bells have one middle.
     *
     * @param list<CourseState> $states
     */
    private static function areOne(array $states, float $mean): bool
    {
        foreach ($states as $state) {
            if ($state->weight > 0.005 && ($state->level - $mean) ** 2 > $state->ofLevel) {
                return false;
            }
        }

        return true;
    }

    /**
     * Level below which so much of the weight of all bells lies.
     *
     * @param list<CourseState> $states
     */
    private static function quantile(array $states, float $share): float
    {
        [$from, $to] = [INF, -INF];
        foreach ($states as $state) {
            $from = min($from, $state->level - 5.0 * sqrt($state->ofLevel));
            $to = max($to, $state->level + 5.0 * sqrt($state->ofLevel));
        }

        return Bisection::edge($from, $to, static function (float $level) use ($states, $share): bool {
            $below = 0.0;
            foreach ($states as $state) {
                $below += $state->weight * NormalTail::below(($level - $state->level) / max(1e-9, sqrt($state->ofLevel)));
            }

            return $below < $share;
        }, self::HALVINGS);
    }

    /** @param callable(CourseState): array{float, float} $of value and variance */
    private function mixed(callable $of): Normal
    {
        [$mean, $square] = [0.0, 0.0];
        foreach ($this->states as $state) {
            [$value, $variance] = $of($state);
            $mean += $state->weight * $value;
            $square += $state->weight * ($variance + $value ** 2);
        }

        return new Normal($mean, sqrt(max(0.0, $square - $mean ** 2)));
    }
}
