<?php

declare(strict_types=1);

namespace Cresco\Core\State;

/**
 * What is dissolved in a well-mixed tank, day by day, mg/L: dC/dt = r - l C between events, C never below 0. What came in, what went out with
 * the water, what was lost and what was made or taken up add up to what is there.
 */
final readonly class MassBalance
{
    /** Below this share a day a loss counts as none, to the last digit of a machine number. */
    private const NONE = 1e-9;

    /**
     * @param float $level   at the end, mg/L
     * @param float $brought by changes and by what was added
     * @param float $removed with the water that was drained
     * @param float $lost    broken down or bound
     * @param float $made    by the tank, less what was taken up; below 0 for a tank that takes
     */
    private function __construct(public float $level, public float $brought, public float $removed, public float $lost, public float $made) {}

    /**
     * What is left of one after so many days, and what a rate of one a day has come to by then.
     *
     * @param float $loss share that is lost in a day, as a rate
     *
     * @return array{float, float}
     */
    public static function keeps(float $loss, float $days): array
    {
        $kept = exp(-$loss * $days);

        return [$kept, $loss < self::NONE ? $days : (1.0 - $kept) / $loss];
    }

    /**
     * @param float       $start  level on the first day
     * @param list<Event> $events in any order; readings move nothing
     * @param float       $rate   made in a day, below 0 for what is taken up, mg/L
     * @param float       $loss   share lost in a day, as a rate: ln 2 over the half-life
     * @param float       $from   first day
     * @param float       $until  last day
     *
     * @throws StateFault
     */
    public static function run(float $start, array $events, float $rate, float $loss, float $from, float $until): self
    {
        if (!($until >= $from && $until - $from <= 4000.0)) {
            throw StateFault::days();
        }
        if (!($loss >= 0.0 && $loss <= 5.0)) {
            throw StateFault::loss();
        }
        if (!($start >= 0.0 && is_finite($start) && is_finite($rate))) {
            throw StateFault::event();
        }
        [$level, $brought, $removed, $lost, $made] = [$start, 0.0, 0.0, 0.0, 0.0];
        $day = $from;
        foreach ([...Event::inOrder($events), null] as $event) {
            $next = $event === null ? $until : max($from, min($until, $event->day));
            // Day by day, so that uptake stops on the day on which nothing is left.
            while ($day < $next) {
                $days = min(1.0, $next - $day);
                [$kept, $comes] = self::keeps($loss, $days);
                $end = max(0.0, $level * $kept + $rate * $comes);
                // What is neither there nor lost was taken up; with nothing left no more is.
                $gone = $end > 0.0 ? $level + $rate * $days - $end : $level * (1.0 - $kept);
                $lost += $gone;
                $made += $end - $level + $gone;
                $level = $end;
                $day += $days;
            }
            $day = $next;
            if ($event === null || $event->day < $from || $event->day > $until) {
                continue;
            }
            if ($event->kind === EventKind::Changed) {
                $removed += $event->share * $level;
                $brought += $event->share * $event->value;
                $level += $event->share * ($event->value - $level);
            } elseif ($event->kind === EventKind::Added) {
                $brought += $event->value;
                $level += $event->value;
            }
        }

        return new self($level, $brought, $removed, $lost, $made);
    }
}
