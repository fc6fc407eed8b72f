<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Reading;
use App\Models\SourceWaterKind;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\State\Course;
use Cresco\Core\State\Level;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Where what is conserved stands in source waters: by the same course as in tanks, of which nothing comes or goes but what a tap drifts by
 * through the year. A water that is made up is another one with each batch, so that its last reading stands for it.
 */
final class SourceLevelsQuery
{
    /** Share of what a tank's rate may be off by at first that a source drifts by in a day. House default. */
    private const DRIFT = 0.05;

    /** Readings of each parameter that tell where it stands now. House limit. */
    private const READINGS = 8;

    /** Days by which it goes on at a time: nothing happens in between. House default. */
    private const STEP = 14.0;

    /**
     * @param list<int>            $ids
     * @param CarbonImmutable|null $until as it was known then; null for now
     *
     * @return array<int, array<string, Level>> by water id and parameter value; what was never read is left out
     */
    public static function ofMany(array $ids, ?CarbonImmutable $until = null): array
    {
        if ($ids === []) {
            return [];
        }
        $now = ($until ?? CarbonImmutable::now())->utc();
        $latest = DB::table('readings')->join('source_waters', 'source_waters.id', '=', 'readings.source_water_id')->whereIn('source_waters.id', $ids)
            ->where('source_waters.kind', '<>', SourceWaterKind::MadeUp)
            ->whereIn('parameter', Parameter::balanced())->where('taken_at', '<=', $now)
            ->select('readings.*')->selectRaw('row_number() over (partition by source_water_id, parameter order by taken_at desc, readings.id desc) as nth');
        $rows = [];
        foreach (DB::query()->fromSub($latest, 'readings')->where('nth', '<=', self::READINGS)->orderBy('taken_at')->orderBy('id')->get() as $row) {
            $rows[is_numeric($row->source_water_id) ? (int) $row->source_water_id : 0][] = (array) $row;
        }
        $found = [];
        foreach ($rows as $id => $of) {
            // A source goes on by the day, so that it is the same all day.
            $mark = hash('xxh128', serialize([$of, $now->format('Y-m-d')]));
            $kept = Cache::get('source.'.$id.'.'.$mark);
            $found[$id] = is_array($kept) ? $kept : self::levels(array_values(Reading::hydrate($of)->all()), $now);
            is_array($kept) ?: Cache::put('source.'.$id.'.'.$mark, $found[$id], 86_400);
        }

        /** @var array<int, array<string, Level>> $found */
        return $found;
    }

    /**
     * @param list<Reading> $readings of one water, oldest first
     *
     * @return array<string, Level> by parameter value
     */
    private static function levels(array $readings, CarbonImmutable $now): array
    {
        $lists = $levels = [];
        foreach ($readings as $reading) {
            $lists[$reading->parameter->value][] = $reading;
        }
        foreach ($lists as $name => $list) {
            // A kit that showed nothing says no more than that: a course would take half a drop of it for what is there.
            if ($list[count($list) - 1]->value > 0.0) {
                $levels[$name] = self::level(Parameter::from($name), $list, $now->startOfDay());
            }
        }

        return $levels;
    }

    /** @param list<Reading> $readings oldest first */
    private static function level(Parameter $parameter, array $readings, CarbonImmutable $now): Level
    {
        $balance = LevelsQuery::balance($parameter)->times(self::DRIFT);
        $events = array_map(
            static fn(Reading $reading) => TankEventsQuery::read($parameter, TankEventsQuery::day($reading->taken_at), $reading->toCore()),
            $readings,
        );

        return LevelsQuery::shown(
            $parameter,
            Course::fitted(
                $balance,
                null,
                new NormalValue(0.0, $balance->rate),
                0.0,
                $events,
                -INF,
                max(TankEventsQuery::day($now), $events[count($events) - 1]->day),
                INF,
                self::STEP,
            ),
        );
    }
}
