<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Text;

/** How a level came about: what was last read, what came and went since. */
final class LevelSince
{
    /** Changes that are followed one by one; with more since the last reading, the level after the one before them is where it begins. House limit. */
    private const CHANGES = 4;

    /** Where numbers come from. */
    private const DIARY = 'log';

    private const COURSE = 'all_tests_so_far';

    /** mg/L below which what is put at nothing goes unsaid. */
    private const NONE = 1e-6;

    /**
     * @param list<Event> $events all that happened, in any order; those before the last reading do not count
     * @param string      $name   of what it is, inside a sentence
     * @param string      $unit   that its reader reads it in
     * @param float       $in     of that unit in one of the base unit
     *
     * @throws StateFault
     */
    public static function working(Course $course, array $events, string|Parameter $name, string $unit = 'mg/L', float $in = 1.0): Computation
    {
        if (!($in > 0.0 && $in < 1e6)) {
            throw StateFault::event();
        }
        $since = array_values(array_filter(
            Event::inOrder($events),
            static fn(Event $event): bool => ($event->kind === EventKind::Changed || $event->kind === EventKind::Added)
                && $event->day >= $course->read->day
                && $event->day <= $course->day,
        ));
        $rate = $course->rate()->central();
        [$from, $level] = [$course->read->day, $course->read->level];
        $many = count(array_filter($since, static fn(Event $event): bool => $event->kind === EventKind::Changed));
        $computation = Computation::of(Text::of('level_since.title', name: $name));
        if ($many > self::CHANGES) {
            [$from, $level, $since] = self::later($since, $from, $level, $rate, $course->loss, $many - self::CHANGES);
            $computation->constant(
                'C0',
                Text::of('level_since.level_after_change_ago', ago: self::ago($course->day - $from)),
                $in * $level,
                $unit,
                'same_further_back',
                null,
            );
        } elseif ($course->read->value !== null && $course->read->foretold === null) {
            $computation->given('C0', Text::of('level_since.read_ago', ago: self::ago($course->day - $from)), $in * $level, $unit);
        } elseif ($course->read->value === null) {
            $computation->constant(
                'C0',
                Text::of('level_since.level_where_nothing_was_read_ago', ago: self::ago($course->day - $from)),
                $in * $level,
                $unit,
                'its_waters_what_made_or_taken',
                Grade::Guess,
            );
        } else {
            $off = $course->read->value - $course->read->foretold;
            $computation->constant(
                'F',
                Text::of('level_since.foretold_for_day_of_last_reading', ago: self::ago($course->day - $from)),
                $in * $course->read->foretold,
                $unit,
                self::COURSE,
                null,
            )
                ->given('R', 'level_since.read_then', $in * $course->read->value, $unit)
                ->constant(
                    'w',
                    'level_since.how_far_reading_counts_from_how',
                    abs($off) < self::NONE ? 0.0 : ($level - $course->read->foretold) / $off,
                    '×',
                    self::COURSE,
                    null,
                )
                ->line('C0 = F + w * (R - F)', 'level_since.level_right_after_it', $unit);
        }
        $computation->constant('r', 'level_since.made_in_day_beside_what_written', $in * $rate, $unit, self::COURSE, null);
        if ($course->loss > 0.0) {
            $computation->constant('l', 'level_since.share_that_lost_in_day_as', $course->loss, '×', 'house_default_by_what_holds_it', Grade::Guess);
        }
        [$mark, $i, $left] = ['C0', 0, $since];
        while (true) {
            $at = self::nextChange($left);
            $change = $at === null ? null : $left[$at];
            $mark = self::stretch(
                $computation,
                ++$i,
                $mark,
                $at === null ? $left : array_slice($left, 0, $at),
                $from,
                $change->day ?? $course->day,
                $course->loss,
                $unit,
                $in,
            );
            if ($change === null || $at === null) {
                break;
            }
            $computation->constant(
                's'.$i,
                Text::of('level_since.share_that_was_changed_ago', ago: self::ago($course->day - $change->day)),
                $change->share,
                '×',
                self::DIARY,
                null,
            )->constant('q'.$i, 'level_since.in_new_water', $in * $change->value, $unit, self::DIARY, null)
                ->line(sprintf('B%1$d = (1 - s%1$d) * A%1$d + s%1$d * q%1$d', $i), 'level_since.after_change', $unit);
            [$mark, $from, $left] = ['B'.$i, $change->day, array_slice($left, $at + 1)];
        }
        $beside = $in * $course->level()->level - $computation->value($mark);
        if (abs($beside) > self::NONE) {
            $computation->constant('z', 'level_since.by_which_middle_of_all_that', $beside, $unit, self::COURSE, null);
        }

        return $computation->line('C = '.$mark.(abs($beside) > self::NONE ? ' + z' : ''), 'level_since.level_now', $unit);
    }

    /**
     * From one change to the next.
     *
     * @param list<Event> $added
     *
     * @return string symbol of the level at its end
     */
    private static function stretch(
        Computation $computation,
        int $i,
        string $mark,
        array $added,
        float $from,
        float $until,
        float $loss,
        string $unit,
        float $in,
    ): string {
        $computation->constant('d'.$i, 'level_since.days_from_there_on', $until - $from, 'd', self::DIARY, null);
        $formula = $loss > 0.0
            ? sprintf('A%1$d = %2$s * exp(-l * d%1$d) + r * (1 - exp(-l * d%1$d)) / l', $i, $mark)
            : sprintf('A%1$d = %2$s + r * d%1$d', $i, $mark);
        foreach (['D' => true, 'M' => false] as $symbol => $isDose) {
            $sum = 0.0;
            foreach ($added as $event) {
                $sum += $event->isDose === $isDose ? $event->value * MassBalance::keeps($loss, $until - $event->day)[0] : 0.0;
            }
            if ($sum > 0.0) {
                $computation->constant(
                    $symbol.$i,
                    ($isDose ? 'level_since.doses' : 'level_since.passive').($loss > 0.0 ? '_left' : ''),
                    $in * $sum,
                    $unit,
                    self::DIARY,
                    null,
                );
                $formula .= ' + '.$symbol.$i;
            }
        }
        $computation->line($formula, 'level_since.level_at_their_end', $unit);

        return 'A'.$i;
    }

    /**
     * Past so many changes.
     *
     * @param list<Event> $since
     *
     * @return array{float, float, list<Event>} day and level after them, and what happened later
     */
    private static function later(array $since, float $day, float $level, float $rate, float $loss, int $changes): array
    {
        foreach ($since as $i => $event) {
            [$kept, $comes] = MassBalance::keeps($loss, $event->day - $day);
            $level = max(0.0, $level * $kept + $rate * $comes);
            $level = $event->kind === EventKind::Changed ? (1.0 - $event->share) * $level + $event->share * $event->value : $level + $event->value;
            $day = $event->day;
            if ($event->kind === EventKind::Changed && --$changes === 0) {
                return [$day, $level, array_slice($since, $i + 1)];
            }
        }

        return [$day, $level, []];
    }

    /** @param list<Event> $events */
    private static function nextChange(array $events): ?int
    {
        foreach ($events as $i => $event) {
            if ($event->kind === EventKind::Changed) {
                return $i;
            }
        }

        return null;
    }

    private static function ago(float $days): Text
    {
        return $days < 1.5 ? Text::of('level_since.less_than_two_days_ago') : Text::of('level_since.days_ago', days: round($days));
    }
}
