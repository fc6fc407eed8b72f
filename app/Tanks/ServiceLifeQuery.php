<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\ChecklistPlan;
use App\Models\Chore;
use App\Models\Keeper;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\ServiceLife;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What a part of a keeper's gear has done since it was new, from the log. */
final class ServiceLifeQuery
{
    /** Days of the log that say what a day takes. House default. */
    private const DAYS = 90;

    /** Days at least that it is spread over where the log is young. House default. */
    private const LEAST = 14;

    /** Null for what wears by days. */
    public static function of(Chore $chore): ?ServiceLife
    {
        $by = $chore->wears_most === null ? null : $chore->toKind()->wears;
        if ($by === null || $chore->wears_most === null || $chore->last_at === null) {
            return null;
        }
        $now = CarbonImmutable::now();
        $done = self::done($chore, $by, $chore->last_at);
        $back = $now->subDays(self::DAYS);
        // A log that began a month ago tells of a month. Looked for twice as far back, so that only what is really young counts as young.
        $days = max((float) self::LEAST, min((float) self::DAYS, TimeDifference::days(self::first($chore, $by, $back->subDays(self::DAYS)) ?? $back, $now)));

        return new ServiceLife($done, $chore->wears_most, self::done($chore, $by, $back) / $days, (int) max(0, TimeDifference::days($chore->last_at, $now)));
    }

    private static function done(Chore $chore, string $by, CarbonImmutable $since): float
    {
        return match ($by) {
            'readings' => self::readings($chore, $since),
            'litres' => self::litres($chore, $since),
            default => self::hours($chore, $since),
        };
    }

    /** When the first of what is counted since then was done; null where nothing was, or where it goes on by itself. */
    private static function first(Chore $chore, string $by, CarbonImmutable $since): ?CarbonImmutable
    {
        $at = match ($by) {
            'readings' => self::read($chore, $since)->min('readings.taken_at'),
            'litres' => DB::table('water_changes')->where('keeper_id', $chore->keeper_id)->where('changed_at', '>', $since)->min('changed_at'),
            default => null,
        };

        return is_string($at) ? CarbonImmutable::parse($at, 'UTC') : null;
    }

    private static function readings(Chore $chore, CarbonImmutable $since): float
    {
        return (float) self::read($chore, $since)->count();
    }

    private static function read(Chore $chore, CarbonImmutable $since): Builder
    {
        return DB::table('readings')->leftJoin('tanks', 'tanks.id', '=', 'readings.tank_id')
            ->leftJoin('source_waters', 'source_waters.id', '=', 'readings.source_water_id')
            ->where(static fn(Builder $of): Builder => $of->where('tanks.keeper_id', $chore->keeper_id)->orWhere('source_waters.keeper_id', $chore->keeper_id))
            ->where('readings.parameter', $chore->wears_of?->value)->where('readings.taken_at', '>', $since);
    }

    /** Litres of reverse osmosis that changes took. */
    private static function litres(Chore $chore, CarbonImmutable $since): float
    {
        $keeper = Keeper::query()->with(['waters', 'reservoirs'])->findOrFail($chore->keeper_id);
        $bare = $keeper->waters->where('kind', SourceWaterKind::ReverseOsmosis)->modelKeys();
        $taken = [];
        $changes = DB::table('water_changes')->where('water_changes.keeper_id', $keeper->id)->where('changed_at', '>', $since)
            ->leftJoin('checklists', 'checklists.id', '=', 'water_changes.checklist_id')->join('tanks', 'tanks.id', '=', 'water_changes.tank_id')
            ->get([
                'litres', 'water_changes.source_water_id', 'checklists.plan', 'tanks.source_water_id as first',
                'tanks.second_source_water_id as second', 'tanks.second_share as share',
            ]);
        foreach ($changes as $change) {
            foreach (self::waters($change) as $water => $part) {
                $taken[$water] = ($taken[$water] ?? 0.0) + $part * (is_numeric($change->litres) ? (float) $change->litres : 0.0);
            }
        }

        return array_sum(array_intersect_key(
            (new WaterUseQuery($keeper))->of($taken),
            array_flip(array_map(static fn(mixed $key): int => is_numeric($key) ? (int) $key : 0, $bare)),
        ));
    }

    /**
     * @return array<int, float> share of each water in a change: the one that went in alone, else as its sheet mixed two, and without one
     *     as the tank's is mixed
     */
    private static function waters(stdClass $change): array
    {
        if (is_numeric($change->source_water_id)) {
            return [(int) $change->source_water_id => 1.0];
        }
        $plan = is_string($change->plan) ? ChecklistPlan::read(json_decode($change->plan, true)) : null;
        if ($plan !== null) {
            return WaterUseQuery::shares($plan->waters, $plan->secondShare);
        }

        return WaterUseQuery::shares(
            array_values(array_map(intval(...), array_filter([$change->first, $change->second], is_numeric(...)))),
            is_numeric($change->share) ? (float) $change->share : 0.0,
        );
    }

    private static function hours(Chore $chore, CarbonImmutable $since): float
    {
        $tank = $chore->tank_id === null ? null : Tank::query()->with(['lamps', 'keeper', 'devices'])->find($chore->tank_id);
        if ($tank === null) {
            return 0.0;
        }
        // As the lamps are set; what they were years ago nobody knows.
        $aDay = max(0.0, ...array_values($tank->lamps->map(static fn($lamp): float => $lamp->toCore()->hours)->all()), ...[0.0]);

        return $aDay * max(0.0, TimeDifference::days($since, CarbonImmutable::now()));
    }
}
