<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Chore;
use App\Models\Keeper;
use App\Models\LearningReset;
use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Planning\DueBand;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\Recurrence;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Jobs that keepers set up, and when each is due again. */
final class ChoresQuery
{
    /** Turns that the days of a job are learned from. House default. */
    public const TURNS = 12;

    /** @return Builder<Chore> */
    public static function query(): Builder
    {
        return Chore::query()
            ->with(['turns' => static fn(HasMany $turns) => $turns->whereNotNull('found')->whereNotExists(LearningReset::afterTurns())])->orderBy('id');
    }

    /** @return Collection<int, Chore> */
    public static function of(Keeper $keeper): Collection
    {
        return self::query()->where('keeper_id', $keeper->id)->with('tank')->get();
    }

    /**
     * @param list<int> $tanks
     *
     * @return Collection<int, Chore>
     */
    public static function ofTanks(array $tanks): Collection
    {
        return self::query()->whereIn('tank_id', $tanks)->get();
    }

    public static function interval(Chore $chore): Interval
    {
        $kind = $chore->toKind();
        $usual = max(1, $chore->every ?? $kind->days);
        // Days that the keeper set stay as they were set, and so do those that are printed on something.
        $learns = $chore->every === null && $kind->comes === Recurrence::Learned;

        $turns = [];
        foreach ($learns ? $chore->turns->slice(-self::TURNS) : [] as $turn) {
            if ($turn->found !== null && $turn->since !== null) {
                $turns[] = [$turn->since, $turn->found, $turn->done_at->getTimestamp() / 86400.0];
            }
        }

        return Interval::learned($usual, $turns);
    }

    public static function due(Chore $chore, Show $show, ?Interval $interval = null): DueBand
    {
        $wear = ServiceLifeQuery::of($chore);
        if ($wear !== null) {
            // A date on the pack, or days that the keeper set, count as well: what comes first.
            $days = min(
                $chore->next_on === null ? PHP_INT_MAX : -$show->daysSinceDate($chore->next_on),
                $wear->days() ?? PHP_INT_MAX,
                $chore->every === null || $chore->last_at === null ? PHP_INT_MAX : $chore->every - $show->daysSince($chore->last_at),
            );
            $days = min(3650, $days);

            return DueBand::on($days);
        }

        if ($chore->next_on !== null) {
            return DueBand::on(-$show->daysSinceDate($chore->next_on));
        }

        return $chore->last_at === null ? DueBand::on(0) : DueBand::again(($interval ?? self::interval($chore))->days(), $show->daysSince($chore->last_at));
    }

    /**
     * Jobs of a tank that are due by a day, so that a session there may take them along.
     *
     * @param int $days from today
     *
     * @return list<Chore>
     */
    public static function dueAt(Tank $tank, Show $show, int $days = 0): array
    {
        $due = [];
        foreach (self::query()->where('tank_id', $tank->id)->get() as $chore) {
            if (self::due($chore, $show)->from <= $days) {
                $due[] = $chore;
            }
        }

        return $due;
    }

    /** Minutes that it takes. */
    public static function minutes(Chore $chore): int
    {
        return $chore->minutes ?? $chore->toKind()->minutes;
    }
}
