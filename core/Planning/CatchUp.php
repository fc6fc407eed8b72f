<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;

/**
 * The way back from weeks of neglect: what is overdue, spread over sessions so that the tank does not pay for it. The water is read first;
 * it moves within the swings that the animals stand; of the substrate a third goes at a time, of the plants at most half; filter media, bed and
 * a large change never fall on one day.
 */
final readonly class CatchUp
{
    /** Share of the substrate of a session. House default. */
    public const BED = 1.0 / 3.0;

    /** Share of the plants of a session, at most. House default. */
    public const PLANTS = 0.5;

    /** Share of the water from which a change is a large one. House default. */
    public const LARGE = 0.25;

    /** Share of the water that one change takes at most, however near the new water is to the old: of sensitive animals, and of others. House defaults. */
    private const MOST = [self::LARGE, 0.5];

    /** Share of the water that one change takes at least, however narrow the swings. House limit. */
    private const LEAST = 0.05;

    /** Sessions at most. House limit. */
    private const SESSIONS = 12;

    /** Times as long as usual without a change from which a tank is neglected, and days that are always within reason. House defaults. */
    public const NEGLECTED = [2.0, 16];

    /** Share of the water of a first change when nobody has read what it holds. House default. */
    public const UNREAD = 0.15;

    /** Times the goal within which it is reached: for less nobody carries water. House default. */
    private const NEAR = 1.05;

    /** Changes of water that nobody reads. House default. */
    private const UNKNOWN = 2;

    /**
     * @param list<CatchUpSession> $sessions the first of them today
     * @param float                $comes    that the new water is taken to hold
     */
    private function __construct(
        public array $sessions,
        public int $levelIn,
        public int $changes,
        private float $goal,
        private float $comes,
        private float $largest,
        private float $made,
    ) {}

    /** Whether a tank has been without a change so long that going on as usual would be too much at once. */
    public static function isNeglected(int $sinceChange, int $usual): bool
    {
        return $sinceChange >= max(self::NEGLECTED[1], (int) round(self::NEGLECTED[0] * $usual));
    }

    /**
     * Share of the water that one change may take: what the swings allow, and no more than these animals are used to.
     *
     * @param float $allowed by the swings, 0 to 1
     */
    public static function largest(float $allowed, bool $isSensitive): float
    {
        return max(self::LEAST, min(self::MOST[$isSensitive ? 0 : 1], $allowed));
    }

    /**
     * @param float|null $now         what is to come down, such as nitrate, in its unit; null when it was not read
     * @param float      $goal        that it is to come to, above 0
     * @param float      $comes       that the new water holds, 0 or more and below the goal
     * @param float      $largest     share of the water that one change may take, as the swings allow, above 0 to 0.9
     * @param int        $between     days between two sessions, 1 or more
     * @param float      $bed         share of the substrate that is overdue, 0 to 1
     * @param int        $plantGroups stands that want cutting
     * @param bool       $media       whether the filter media are overdue
     * @param float      $made        that comes in a day by itself, 0 or more
     *
     * @throws PlanningFault
     */
    public static function plan(
        ?float $now,
        float $goal,
        float $comes,
        float $largest,
        int $between,
        float $bed,
        int $plantGroups,
        bool $media,
        float $made = 0.0,
    ): self {
        if (
            !($goal > 0.0)
            || !($comes >= 0.0)
            || !($largest > 0.0 && $largest <= 0.9)
            || $between < 1
            || !($bed >= 0.0 && $bed <= 1.0)
            || $plantGroups < 0
            || !($made >= 0.0 && $made <= 1e6)
            || ($now !== null && !($now >= 0.0))
        ) {
            throw PlanningFault::catchUp();
        }
        $comes = min($comes, 0.9 * $goal);
        $changes = 0;
        $isLevel = false;
        $beds = (int) ceil($bed / self::BED - 1e-9);
        $cuts = $plantGroups === 0 ? 0 : ($plantGroups === 1 ? 1 : (int) ceil(1.0 / self::PLANTS));
        $sessions = [];
        $level = $now;
        $isMediaDone = !$media;
        $cutLeft = $plantGroups;
        for ($n = 0; $n < self::SESSIONS; ++$n) {
            $level = $level === null || $n === 0 ? $level : $level + $made * $between;
            $share = $isLevel ? 0.0 : self::share($level, $n, $goal, $comes, $largest);
            $isLevel = $isLevel
                || ($level === null ? $n >= self::UNKNOWN - 1 : (1.0 - $share) * $level + $share * $comes <= self::NEAR * $goal)
                || $n >= self::SESSIONS - 3;
            $before = $level;
            $changes += $share > 0.0 ? 1 : 0;
            // The first session is for the water alone: nobody knows yet what the substrate sets free.
            $cleans = $n >= 1 && $beds > 0 ? min(self::BED, $bed) : 0.0;
            $rinses = false;
            if (!$isMediaDone && $cleans <= 0.0 && $n >= 1 && $share <= self::LARGE) {
                $rinses = $isMediaDone = true;
            }
            $trims = $n >= 1 && $cutLeft > 0 && !$rinses ? (int) ceil($plantGroups / max(1, $cuts)) : 0;
            $trims = min($trims, $cutLeft);
            if ($n > 0 && $share <= 0.0 && $cleans <= 0.0 && !$rinses && $trims === 0 && $isMediaDone) {
                break;
            }
            if ($cleans > 0.0) {
                --$beds;
                $bed -= $cleans;
            }
            $cutLeft -= $trims;
            $level = $level === null ? null : (1.0 - $share) * $level + $share * $comes;
            $sessions[] = new CatchUpSession($n * $between, $share, $cleans, $trims, $rinses, $before, $level);
        }

        return new self($sessions, $sessions[count($sessions) - 1]->day, $changes, $goal, $comes, $largest, $made);
    }

    /**
     * How the share of a change came about, the symbol f, and what it leads to; null where nothing was read or nothing is changed.
     *
     * @param int    $session from 0
     * @param string $unit    of what comes down
     * @param float  $in      of that unit in one of the unit that it was planned in
     */
    public function working(int $session, string $unit, float $in = 1.0): ?Computation
    {
        $one = $this->sessions[$session] ?? null;
        if ($one === null || $one->before === null || $one->change <= 0.0) {
            return null;
        }
        $last = $this->sessions[$session - 1] ?? null;
        $computation = Computation::of('catch_up.title');
        if ($last?->after === null) {
            $computation->given('C', 'catch_up.stands_there_now', $in * $one->before, $unit);
        } else {
            $computation->constant('A', 'catch_up.after_change_before', $in * $last->after, $unit, 'session_before', null)
                ->given('m', 'catch_up.comes_in_day_by_itself', $in * $this->made, $unit)
                ->constant('d', 'catch_up.days_from_that_one_to_this', (float) ($one->day - $last->day), 'd', 'for_these_animals', null)
                ->line('C = A + m * d', 'catch_up.stands_there_by_then', $unit);
        }
        $computation->constant('G', 'catch_up.to_brought_down_to', $in * $this->goal, $unit, 'part_of_limit_of_animals', Grade::Guess)
            ->given('q', 'catch_up.in_new_water', $in * $this->comes, $unit)
            ->constant('L', 'catch_up.most_that_one_change_may_take', $this->largest, '×', 'swings_what_such_animals_used_to', Grade::Guess);
        if ($one->before <= $this->goal) {
            $computation->constant('k', 'catch_up.share_that_keeps_it_there', self::LARGE, '×', 'house_default', Grade::Guess)
                ->line('f = min(L, k)', 'catch_up.share_of_water', '×');
        } else {
            $computation->line('f = min(L, (C - G) / (C - q))', 'catch_up.share_of_water', '×');
        }

        return $computation->line('after = (1 - f) * C + f * q', 'catch_up.should_stand_there_afterwards', $unit);
    }

    /** Share of the next change: as much as the animals stand, and no more than it takes. */
    private static function share(?float $level, int $n, float $goal, float $comes, float $largest): float
    {
        if ($level === null) {
            return $n === 0 ? min(self::UNREAD, $largest) : $largest;
        }

        return $level <= $goal ? min($largest, self::LARGE) : min($largest, ($level - $goal) / max(1e-9, $level - $comes));
    }
}
