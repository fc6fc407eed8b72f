<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\ForecastRecord;
use App\Models\DataVersion;
use App\Models\FreshStart;
use App\Models\Reading;
use App\Models\Tank;
use App\Models\TopUp;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Learning\Posterior;
use Cresco\Core\Learning\Production;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\PassiveSource;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What tanks make in a day of nitrate and what bed and stones give off or take up of minerals, from the guess and the diary; kept for as
 * long as neither changes.
 */
final class Made
{
    /** Days of the diary that it is learned from: stock, feeding and soil change with the season. House default. */
    private const DAYS = 120;

    /** A keeper's guess of nitrate is so far off, as a share of it, and at least by mg/L a day. House defaults. */
    private const GUESS = [1.0 / 3.0, 0.25];

    /** @return array<string, Posterior> by parameter value, of all that is followed by the day */
    public static function of(Tank $tank): array
    {
        return self::ofMany([$tank])[$tank->id];
    }

    /**
     * @param iterable<Tank>       $tanks
     * @param list<Parameter>|null $parameters that are followed by the day; all of them when not said
     *
     * @return array<int, array<string, Posterior>> by tank id and parameter value
     */
    public static function ofMany(iterable $tanks, ?array $parameters = null): array
    {
        $byId = [];
        foreach ($tanks as $tank) {
            $byId[$tank->id] = $tank;
        }
        $parameters ??= Parameter::balanced();
        $since = CarbonImmutable::now()->startOfDay()->subDays(self::DAYS);
        $marks = self::readTwice(array_keys($byId), $parameters, $since);
        $versions = DataVersion::ofTanks(array_keys($marks));
        $anew = FreshStart::ofTanks(array_keys($marks));
        $keys = [];
        foreach ($byId as $id => $tank) {
            foreach ($parameters as $parameter) {
                if (isset($marks[$id]) && in_array($parameter->value, $marks[$id], true)) {
                    $guess = self::guess($tank, $parameter);
                    $keys[$id][$parameter->value] = hash('xxh128', (string) json_encode([$parameter, $guess->central(), $guess->spread(), $versions[$id] ?? 0, $since->getTimestamp()]));
                }
            }
        }
        // All tanks of a keeper in one place: one file to read.
        $name = 'made.'.(array_values($byId)[0] ?? null)?->keeper_id;
        $found = $keys === [] ? [] : Cache::get($name);
        $kept = is_array($found) ? $found : [];
        $isNew = false;
        $made = [];
        foreach ($byId as $id => $tank) {
            $missing = array_filter($keys[$id] ?? [], static fn(string $key, string $name): bool => self::keptAs($kept, $id, $name, $key) === null, ARRAY_FILTER_USE_BOTH);
            $learned = $missing === [] ? [] : self::learn($tank, array_map(Parameter::from(...), array_keys($missing)), $since, $anew[$id] ?? []);
            foreach ($missing as $parameter => $key) {
                $kept[$id.' '.$parameter] = [$key, $learned[$parameter]];
                $isNew = true;
            }
            foreach ($parameters as $parameter) {
                $made[$id][$parameter->value] = self::keptAs($kept, $id, $parameter->value, $keys[$id][$parameter->value] ?? '') ?? Posterior::guess(self::guess($tank, $parameter));
            }
        }

        if ($isNew) {
            Cache::put($name, $kept, 86400 * 7);
        }

        return $made;
    }

    /** @param array<mixed> $kept */
    private static function keptAs(array $kept, int $tank, string $parameter, string $key): ?Posterior
    {
        $one = $kept[$tank.' '.$parameter] ?? null;

        return is_array($one) && ($one[0] ?? null) === $key && ($one[1] ?? null) instanceof Posterior ? $one[1] : null;
    }

    /** What is held of it before anything was read. */
    public static function guess(Tank $tank, Parameter $parameter): Normal
    {
        return $parameter === Parameter::Nitrate
            ? new Normal($tank->nitrate_per_day, max(self::GUESS[1], self::GUESS[0] * $tank->nitrate_per_day))
            : $tank->passive->guess($parameter) ?? new Normal(0.0, 0.0);
    }

    /** Whether it is reckoned with: nitrate always; minerals where the keeper names what moves them, or the diary clearly shows that something does. */
    public static function counts(Tank $tank, Parameter $parameter, Posterior $made): bool
    {
        return $parameter === Parameter::Nitrate || $tank->passive !== PassiveSource::None || $made->contradicts();
    }

    /**
     * Parameters that were read twice and more: of others nothing can be learned.
     *
     * @param list<int>       $ids
     * @param list<Parameter> $parameters
     *
     * @return array<int, list<string>> by tank
     */
    private static function readTwice(array $ids, array $parameters, CarbonImmutable $since): array
    {
        $found = [];
        $rows = DB::table('readings')->whereIn('tank_id', $ids)->whereIn('parameter', array_map(static fn(Parameter $p): string => $p->value, $parameters))->where('taken_at', '>=', $since)
            ->groupBy('tank_id', 'parameter')->havingRaw('count(*) > 1')->select('tank_id', 'parameter')->get();
        foreach ($rows as $row) {
            if (is_numeric($row->tank_id) && is_string($row->parameter)) {
                $found[(int) $row->tank_id][] = $row->parameter;
            }
        }

        return $found;
    }

    /**
     * @param list<Parameter>                $parameters
     * @param array<string, CarbonImmutable> $anew       when the keeper had figures learned anew
     *
     * @return array<string, Posterior> by parameter value
     */
    private static function learn(Tank $tank, array $parameters, CarbonImmutable $since, array $anew): array
    {
        $changes = WaterChange::query()->where('water_changes.tank_id', $tank->id)->where('changed_at', '>=', $since)
            // By a run sheet the water changed when it was let in, before the reading right after.
            ->leftJoin('run_steps', static fn(JoinClause $join) => $join->on('run_steps.run_id', '=', 'water_changes.run_id')->where('run_steps.job', 'refill')->whereNotNull('run_steps.done_at'))
            ->groupBy('water_changes.id')->orderBy('changed_at')->select('water_changes.*')->selectRaw('max(run_steps.done_at) as filled_at')->get();
        $readings = Reading::query()->where('tank_id', $tank->id)->whereIn('parameter', $parameters)->where('taken_at', '>=', $since)->orderBy('taken_at')->orderBy('id')->get()
            ->groupBy(static fn(Reading $reading): string => $reading->parameter->value);
        $topUps = $tank->topUps()->where('taken_at', '>=', $since)->whereNotNull('water_id')->get();
        $ofWaters = $topUps->isEmpty() ? new Collection() : Reading::query()->whereIn('water_id', $topUps->pluck('water_id')->unique())->whereIn('parameter', $parameters)->orderBy('taken_at')->orderBy('id')->get();
        $litres = $topUps->isEmpty() ? 1.0 : VesselOf::tank($tank)->litres();
        $forecasts = $changes->map(static fn(WaterChange $change): ForecastRecord => $change->forecast)->all();
        $days = $changes->map(self::filled(...))->all();
        $learned = [];
        foreach ($parameters as $parameter) {
            [$events, $unknown] = self::changes($changes, array_values($forecasts), array_values($days), $parameter);
            $begun = ($anew[FreshStart::MADE.$parameter->value] ?? $since)->getTimestamp() / 86400.0;
            $seen = [];
            foreach ($readings->get($parameter->value) ?? [] as $reading) {
                $day = $reading->taken_at->getTimestamp() / 86400.0;
                // Where nobody knows what the new water held, the balance begins anew.
                if ($day > $unknown && $day >= $begun) {
                    $seen[] = [$day, $reading->toCore()];
                }
            }
            // What evaporates leaves all behind, so that a top-up raises the tank by what it holds itself.
            $risen = $topUps->map(static fn(TopUp $topUp): array => [
                $topUp->taken_at->getTimestamp() / 86400.0,
                $topUp->litres / $litres * self::held($ofWaters, $topUp, $parameter),
            ])->values()->all();
            $learned[$parameter->value] = Production::learned(self::guess($tank, $parameter), $seen, $events, array_values($risen));
        }

        return $learned;
    }

    /**
     * What a top-up water held, by the last reading before it, or the first there is; nothing where it was never read.
     *
     * @param Collection<int, Reading> $readings in the order of their days
     */
    private static function held(Collection $readings, TopUp $topUp, Parameter $parameter): float
    {
        $found = null;
        foreach ($readings as $reading) {
            if ($reading->water_id === $topUp->water_id && $reading->parameter === $parameter && ($found === null || $reading->taken_at->lessThanOrEqualTo($topUp->taken_at))) {
                $found = $reading;
            }
        }

        return $found?->toCore()->distribution()->central() ?? 0.0;
    }

    /** Day on which the new water was let in. */
    private static function filled(WaterChange $change): float
    {
        $filled = $change->getAttribute('filled_at');

        return (is_string($filled) ? CarbonImmutable::parse($filled, 'UTC') : $change->changed_at)->getTimestamp() / 86400.0;
    }

    /**
     * @param Collection<int, WaterChange> $changes
     * @param list<ForecastRecord>         $forecasts as they stood
     * @param list<float>                  $days
     *
     * @return array{list<array{float, float, float, float}>, float} each day, share, what the new water held and its spread; and the last day on which nobody knew that
     */
    private static function changes(Collection $changes, array $forecasts, array $days, Parameter $parameter): array
    {
        $events = [];
        $unknown = -INF;
        foreach ($changes->values() as $i => $change) {
            $source = $forecasts[$i]->row($parameter)->source;
            $unknown = $source === null ? $days[$i] : $unknown;
            $events[] = [$days[$i], $change->share, $source->central ?? 0.0, $source->spread ?? 0.0];
        }

        return [$events, $unknown];
    }
}
