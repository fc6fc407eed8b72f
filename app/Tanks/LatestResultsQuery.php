<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Reading;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The newest reading of each parameter, for many tanks or waters in one query over the index. */
final class LatestResultsQuery
{
    /**
     * @param list<int>       $ids
     * @param list<Parameter> $parameters that are asked for; all when none is
     *
     * @return array<int, array<string, Reading>> by tank id and parameter value
     */
    public static function ofTanks(array $ids, ?CarbonImmutable $until = null, array $parameters = []): array
    {
        return self::of('tanks', 'tank_id', $ids, $until, $parameters);
    }

    /**
     * @param list<int>       $ids
     * @param list<Parameter> $parameters that are asked for; all when none is
     *
     * @return array<int, array<string, Reading>> by water id and parameter value
     */
    public static function ofWaters(array $ids, ?CarbonImmutable $until = null, array $parameters = []): array
    {
        return self::of('source_waters', 'source_water_id', $ids, $until, $parameters);
    }

    /**
     * @param list<int>       $ids
     * @param list<Parameter> $parameters
     *
     * @return array<int, array<string, Reading>>
     */
    private static function of(string $table, string $column, array $ids, ?CarbonImmutable $until = null, array $parameters = []): array
    {
        if ($ids === []) {
            return [];
        }
        $parameters = array_map(static fn(Parameter $p): string => $p->value, $parameters === [] ? Parameter::cases() : $parameters);
        $names = implode(' union all ', array_map(static fn(string $p): string => "select '$p' as parameter", $parameters));
        $found = [];
        $readings = Reading::query()
            ->fromSub(
                DB::table($table)->whereIn($table.'.id', $ids)->crossJoin(DB::raw("($names) as names"))
                    ->select([$table.'.id as owner', 'names.parameter as wanted']),
                'wanted',
            )
            ->join('readings', fn(JoinClause $join) => $join->whereRaw(sprintf(
                'readings.id = (select r.id from readings r where r.%s = wanted.owner and r.parameter = wanted.wanted%s order by r.taken_at desc, r.id desc limit 1)',
                $column,
                $until === null ? '' : ' and r.taken_at <= ?',
            ), $until === null ? [] : [$until->utc()->format('Y-m-d H:i:s')]))
            ->select('readings.*')
            ->get();
        foreach ($readings as $reading) {
            $owner = $reading->getRawOriginal($column);
            $found[is_numeric($owner) ? (int) $owner : 0][$reading->parameter->value] = $reading;
        }

        return $found;
    }
}
