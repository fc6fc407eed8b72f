<?php

declare(strict_types=1);

namespace App\Known;

use App\Change\ForecastRecord;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\Production;
use Cresco\Core\Learning\Posterior;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What tanks make of nitrate in a day, from the keeper's guess and the diary; kept for as long as neither changes. */
final class Made
{
    /** Days of the diary that it is learned from: stock and feeding change with the season. House default. */
    private const DAYS = 120;

    /** A keeper's guess is so far off, as a share of it, and at least by mg/L a day. House defaults. */
    private const GUESS = [1.0 / 3.0, 0.25];

    public static function of(Tank $tank): Posterior
    {
        return self::ofMany([$tank])[$tank->id];
    }

    /**
     * @param iterable<Tank> $tanks
     *
     * @return array<int, Posterior> by tank id
     */
    public static function ofMany(iterable $tanks): array
    {
        $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
        }
        $since = CarbonImmutable::now()->startOfDay()->subDays(self::DAYS);
        $marks = self::marks(array_keys($byId), $since);
        $made = [];
        foreach ($byId as $id => $tank) {
            $key = sprintf('made:%d:%s', $id, hash('xxh128', (string) json_encode([$tank->nitrate_per_day, $marks[$id] ?? null])));
            $known = ($marks[$id] ?? null) === null ? Posterior::guess(self::guess($tank)) : Cache::get($key);
            if (!$known instanceof Posterior) {
                $known = self::learn($tank, $since);
                Cache::put($key, $known, 86400);
            }
            $made[$id] = $known;
        }

        return $made;
    }

    public static function guess(Tank $tank): Normal
    {
        return new Normal($tank->nitrate_per_day, max(self::GUESS[1], self::GUESS[0] * $tank->nitrate_per_day));
    }

    /**
     * What tells whether anything has changed since; tanks without two readings have none.
     *
     * @param list<int> $ids
     *
     * @return array<int, list<mixed>>
     */
    private static function marks(array $ids, CarbonImmutable $since): array
    {
        $marks = [];
        $rows = DB::table('readings')->whereIn('tank_id', $ids)->where('parameter', Parameter::Nitrate->value)->where('taken_at', '>=', $since)
            ->groupBy('tank_id')->selectRaw('tank_id, count(*) as many, max(id) as newest, sum(value + low + high) as total, max(taken_at) as last')->get();
        foreach ($rows as $row) {
            if (is_numeric($row->tank_id) && is_numeric($row->many) && (int) $row->many > 1) {
                $marks[(int) $row->tank_id] = [$row->many, $row->newest, $row->total, $row->last];
            }
        }
        $rows = DB::table('water_changes')->whereIn('tank_id', array_keys($marks))->where('changed_at', '>=', $since)
            ->groupBy('tank_id')->selectRaw('tank_id, count(*) as many, max(id) as newest, sum(share) as total, max(changed_at) as last')->get();
        foreach ($rows as $row) {
            if (is_numeric($row->tank_id)) {
                $marks[(int) $row->tank_id] = [...$marks[(int) $row->tank_id], $row->many, $row->newest, $row->total, $row->last];
            }
        }

        return $marks;
    }

    private static function learn(Tank $tank, CarbonImmutable $since): Posterior
    {
        $changes = [];
        $unknown = null;
        $rows = WaterChange::query()->where('water_changes.tank_id', $tank->id)->where('changed_at', '>=', $since)
            // By a run sheet the water changed when it was let in, before the reading right after.
            ->leftJoin('run_steps', static fn(JoinClause $join) => $join->on('run_steps.run_id', '=', 'water_changes.run_id')->where('run_steps.job', 'refill')->whereNotNull('run_steps.done_at'))
            ->groupBy('water_changes.id')->orderBy('changed_at')->select('water_changes.*')->selectRaw('max(run_steps.done_at) as filled_at')->get();
        foreach ($rows as $change) {
            $filled = $change->getAttribute('filled_at');
            $day = (is_string($filled) ? CarbonImmutable::parse($filled, 'UTC') : $change->changed_at)->getTimestamp() / 86400.0;
            $source = ForecastRecord::kept($change->forecast)->row(Parameter::Nitrate)->source;
            $unknown = $source === null ? $day : $unknown;
            $changes[] = [$day, $change->share, $source === null ? 0.0 : $source->central];
        }
        $readings = [];
        foreach (Reading::query()->where('tank_id', $tank->id)->where('parameter', Parameter::Nitrate)->where('taken_at', '>=', $since)->orderBy('taken_at')->orderBy('id')->get() as $reading) {
            $day = $reading->taken_at->getTimestamp() / 86400.0;
            // Where nobody knows what nitrate the new water had, the balance begins anew.
            if ($unknown === null || $day > $unknown) {
                $readings[] = [$day, $reading->toCore()];
            }
        }

        return Production::learned(self::guess($tank), $readings, $changes);
    }
}
