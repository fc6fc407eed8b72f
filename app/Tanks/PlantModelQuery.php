<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\LightReading;
use App\Models\PlantGroup;
use App\Models\PlantMeasurement;
use App\Models\Tank;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Plants\Canopy;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Plants\LearnedRate;
use Cresco\Core\Plants\LightDemand;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\PlantSpecies;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WeakMap;

/** The plant groups of a tank as they are today, or were on a day: from where they were last looked at, grown on since. */
final class PlantModelQuery
{
    /** Records that a planting is made of, for pages that show them. */
    public const WITH = ['plantGroups.plantKind', 'plantGroups.latestLook', 'lamps', 'lightReadings', 'devices'];

    /** Days after planting in which nothing grows. House default. */
    private const SETTLES = 10.0;

    /** Days after a cut by more than half in which nothing grows. House default. */
    private const RECOVERS = 7.0;

    /** Height of a plant group that nobody has measured, as a share of its ceiling, at most mm, and by which share it may be off. House defaults. */
    private const UNSEEN = [0.35, 100.0, 0.5];

    /** What a height that was guessed is off by, as a share of it, a standard deviation. House default. */
    private const GUESSED = 0.15;

    /** Changes with the way in which a rate is learned. */
    private const VERSION = 2;

    /** @var WeakMap<Tank, array{string, PlantGroupsQuery}>|null */
    private static ?WeakMap $known = null;

    /** @var WeakMap<Tank, array{string, PlantModel}>|null */
    private static ?WeakMap $today = null;

    /** Whether a tank is known to have no plants without looking. */
    public static function isBare(Tank $tank): bool
    {
        return ($tank->getAttributes()['plant_groups_count'] ?? null) === 0;
    }

    /** Changes when what tank() gives may change. */
    public static function hour(Tank $tank): string
    {
        return self::key($tank).CarbonImmutable::now()->startOfHour()->getTimestamp();
    }

    /** The planting of a tank that has plants; null for one without. */
    public static function orNone(Tank $tank): ?PlantModel
    {
        if (self::isBare($tank)) {
            return null;
        }
        $planting = self::tank($tank);

        return $planting->plantGroups === [] ? null : $planting;
    }

    /** As it stands in this hour, or as it stood then. */
    public static function tank(Tank $tank, ?CarbonImmutable $at = null): PlantModel
    {
        if ($at !== null) {
            return self::at($tank, self::build($tank, $at), $at);
        }
        self::$today ??= new WeakMap();
        $hour = CarbonImmutable::now()->startOfHour();
        $key = self::hour($tank);
        $kept = self::$today[$tank] ?? null;
        if ($kept === null || $kept[0] !== $key) {
            $found = self::cached('planting.'.$tank->id, $key);
            if (!$found instanceof PlantModel) {
                $found = self::at($tank, self::known($tank), $hour)->prepared();
                Cache::put('planting.'.$tank->id, [$key, $found], 7200);
            }
            self::$today[$tank] = $kept = [$key, $found];
        }

        return $kept[1];
    }

    /** When its stands want cutting, without what else is known of them; null for a tank without plants. */
    public static function coming(Tank $tank): ?TrimDaysQuery
    {
        if (self::isBare($tank)) {
            return null;
        }
        $key = self::hour($tank);
        $kept = self::$today[$tank] ?? null;
        $found = $kept !== null && $kept[0] === $key ? null : self::cached('trims.'.$tank->id, $key);
        if (!$found instanceof TrimDaysQuery) {
            $found = TrimDaysQuery::of(self::tank($tank));
            Cache::put('trims.'.$tank->id, [$key, $found], 7200);
        }

        return $found->names === [] ? null : $found;
    }

    private static function at(Tank $tank, PlantGroupsQuery $known, CarbonImmutable $at): PlantModel
    {
        $vessel = VesselQuery::tank($tank);
        $core = [];
        foreach ($known->plantGroups as [$base, $from]) {
            $core[] = self::grown($base, $from === null ? 0.0 : max(0.0, ($at->getTimestamp() - $from) / 86400.0));
        }

        return new PlantModel($core, $known->light($tank), $vessel->waterHeight(), $vessel->bed);
    }

    /** @return array<int, GroupSeen> when each plant group was last looked at, and whether by eye; not those that never were */
    public static function seen(Tank $tank): array
    {
        return self::known($tank)->seen;
    }

    /** What is kept for a tank, as long as it was made of the same. */
    private static function cached(string $name, string $key): ?object
    {
        $kept = Cache::get($name);

        return is_array($kept) && ($kept[0] ?? null) === $key && is_object($kept[1] ?? null) ? $kept[1] : null;
    }

    /** Changes with the plants, the lamps, the tank and the day. */
    private static function key(Tank $tank): string
    {
        return hash(
            'xxh128',
            serialize([self::VERSION, Arr::only(
                $tank->getAttributes(),
                ['id', 'plants_version', ...$tank->getFillable()],
            ), $tank->loadMissing('devices')->devices->pluck('kind')->all(), CarbonImmutable::now()->format('Y-m-d')]),
        );
    }

    /** What does not change from hour to hour is kept until the plants, the lamps or the tank change, or the day does. */
    private static function known(Tank $tank): PlantGroupsQuery
    {
        self::$known ??= new WeakMap();
        $key = self::key($tank);
        $kept = self::$known[$tank] ?? null;
        if ($kept === null || $kept[0] !== $key) {
            $found = self::cached('plants.'.$tank->id, $key);
            if (!$found instanceof PlantGroupsQuery) {
                $found = self::build($tank, null);
                Cache::put('plants.'.$tank->id, [$key, $found], 86400 * 2);
            }
            self::$known[$tank] = $kept = [$key, $found];
        }

        return $kept[1];
    }

    private static function build(Tank $tank, ?CarbonImmutable $at): PlantGroupsQuery
    {
        $tank->load(self::WITH);
        $vessel = VesselQuery::tank($tank);
        $bare = new PlantModel([], LightQuery::tank($tank), $vessel->waterHeight(), $vessel->bed);
        $now = $at ?? CarbonImmutable::now();
        $plantGroups = $tank->plantGroups->filter(static fn(PlantGroup $plantGroup): bool => $at === null
            || $plantGroup->planted_on === null
            || $plantGroup->planted_on->lessThanOrEqualTo($at));
        $looks = $at === null ? [] : self::looksAt($plantGroups, $at);
        $isGas = LightQuery::carbonDioxide($tank) >= Growth::IS_GAS;
        $cuts = $at === null ? self::cuts($plantGroups) : [];
        $given = $seen = [];
        foreach ($plantGroups as $plantGroup) {
            $look = $at === null ? $plantGroup->latestLook : $looks[$plantGroup->id] ?? null;
            $given[$plantGroup->id] = self::given($plantGroup, $look, $bare, $now, $isGas);
            if ($look !== null) {
                $seen[$plantGroup->id] = new GroupSeen($look->happened_at->getTimestamp(), $look->guessed, $cuts[$plantGroup->id] ?? 0);
            }
        }
        $rates = self::usual($tank, $plantGroups, $given, $bare);
        $known = [];
        foreach ($given as $id => $one) {
            $known[$id] = [$one['base']->growing($rates[$id]), ($seen[$id] ?? null)?->second];
        }

        return new PlantGroupsQuery(
            $known,
            $seen,
            $bare->light->lamps,
            array_values($tank->lightReadings->map(static fn(LightReading $reading) => $reading->toCore())->all()),
        );
    }

    /**
     * @param Collection<int, PlantGroup> $plantGroups
     *
     * @return array<int, int> how often each was cut since it was planted
     */
    private static function cuts(Collection $plantGroups): array
    {
        $cuts = [];
        $counted = DB::table('plant_measurements')->join('plant_groups', 'plant_groups.id', '=', 'plant_measurements.plant_group_id')
            ->whereIn('plant_groups.id', $plantGroups->modelKeys())->whereNotNull('before')
            ->where(static fn(Builder $looks) => $looks->whereNull('planted_on')->orWhereColumn('happened_at', '>', 'planted_on'))
            ->groupBy('plant_groups.id')->selectRaw('plant_groups.id as id, count(*) as cuts')->get();
        foreach ($counted as $row) {
            if (is_numeric($row->id) && is_numeric($row->cuts)) {
                $cuts[(int) $row->id] = (int) $row->cuts;
            }
        }

        return $cuts;
    }

    /**
     * @param Collection<int, PlantGroup> $plantGroups
     *
     * @return array<int, PlantMeasurement> the last before a day, by plant group
     */
    private static function looksAt(Collection $plantGroups, CarbonImmutable $at): array
    {
        $last = PlantMeasurement::query()->selectRaw('max(happened_at) as at, plant_group_id')->whereIn('plant_group_id', $plantGroups->modelKeys())
            ->where('happened_at', '<=', $at->utc())->groupBy('plant_group_id');
        $looks = [];
        foreach (PlantMeasurement::query()->joinSub(
            $last,
            'last',
            static fn(JoinClause $join) => $join->on('last.plant_group_id', '=', 'plant_measurements.plant_group_id')
                ->on('last.at', '=', 'plant_measurements.happened_at'),
        )->orderBy('plant_measurements.id')->get('plant_measurements.*') as $look) {
            $looks[$look->plant_group_id] = $look;
        }

        return $looks;
    }

    /**
     * What is known of a plant group beside its rate.
     *
     * @return array{stand: PlantGroup, kind: PlantSpecies, base: GrowingGroup}
     */
    private static function given(PlantGroup $plantGroup, ?PlantMeasurement $look, PlantModel $bare, CarbonImmutable $now, bool $isGas): array
    {
        $kind = $plantGroup->toKind();
        $place = new GrowingGroup(
            $plantGroup->id ?? 0,
            $kind->name,
            $kind->form,
            $kind->demand,
            $plantGroup->left_edge,
            $plantGroup->right_edge,
            $plantGroup->front_edge,
            $plantGroup->back_edge,
            1.0,
            0.0,
            1.0,
            GrowingGroup::TALLEST,
            LearnedRate::guess(1.0),
            perch: $plantGroup->perch,
        );
        $ceiling = $plantGroup->ceiling ?? PlantModel::ceiling($kind, $bare->room($place));
        $height = $look->height ?? min(self::UNSEEN[1], self::UNSEEN[0] * $ceiling);
        $off = match (true) {
            $look === null => self::UNSEEN[2] * $height,
            $look->guessed && !$look->isCut() => max(LearnedRate::TAPE, self::GUESSED * $height),
            default => LearnedRate::TAPE,
        };
        $from = $look->happened_at ?? $now;
        $doubling = $kind->form->doublingDays($kind->pace) * ($isGas && !$kind->form->entry()->floats ? Growth::CLOSES : 1.0);

        return [
            'stand' => $plantGroup,
            'kind' => $kind,
            'base' => new GrowingGroup(
                $plantGroup->id ?? 0,
                $kind->name,
                $kind->form,
                $kind->demand,
                $plantGroup->left_edge,
                $plantGroup->right_edge,
                $plantGroup->front_edge,
                $plantGroup->back_edge,
                max(1.0, min($ceiling, $height)),
                $off,
                max(0.01, min(1.0, $look->cover ?? 1.0)),
                $ceiling,
                LearnedRate::guess(1.0),
                $doubling,
                $plantGroup->wished,
                $plantGroup->perch,
                self::pause($plantGroup, $look, $from),
                $look === null || $look->isCut() || $plantGroup->planted_on === null ? null : self::plantedHeight($plantGroup, $look),
                $kind->roots,
            ),
        ];
    }

    /** Height at which a stem stand was planted, while it has not been cut. */
    private static function plantedHeight(PlantGroup $plantGroup, PlantMeasurement $look): ?float
    {
        // A plant group older than two months has branched by itself.
        return $plantGroup->planted_on !== null
            && TimeDifference::days($plantGroup->planted_on, $look->happened_at) < 1.0
            && TimeDifference::days($look->happened_at, CarbonImmutable::now()) < 60.0
            ? max(1.0, $look->height)
            : null;
    }

    /** Days from a moment in which it does not grow. */
    private static function pause(PlantGroup $plantGroup, ?PlantMeasurement $look, CarbonImmutable $from): float
    {
        $settles = $plantGroup->planted_on === null ? 0.0 : self::SETTLES - TimeDifference::days($plantGroup->planted_on, $from);
        $recovers = $look?->before !== null && $look->height < $look->before / 2.0 ? self::RECOVERS : 0.0;

        return max(0.0, min(self::SETTLES, $settles), $recovers);
    }

    /**
     * Rates of all plant groups: what their light, gas and temperature make usual, moved by what each did.
     *
     * @param Collection<int, PlantGroup>                                                  $plantGroups
     * @param array<int, array{stand: PlantGroup, kind: PlantSpecies, base: GrowingGroup}> $given
     *
     * @return array<int, LearnedRate> by plant group
     */
    private static function usual(Tank $tank, Collection $plantGroups, array $given, PlantModel $bare): array
    {
        $asked = self::asked($tank, $given, $bare);
        // What was learned of a plant group holds until it is seen again or its light changes.
        $name = 'rates.'.$tank->id;
        $kept = is_array($found = Cache::get($name)) ? $found : [];
        $looks = self::looks($plantGroups);
        $rates = $keys = [];
        foreach ($asked as $id => $of) {
            $keys[$id] = hash('xxh128', serialize([self::VERSION, $of, $looks[$id] ?? null, $given[$id]['stand']->planted_on?->getTimestamp()]));
            [$key, $rate] = is_array($kept[$id] ?? null) ? $kept[$id] + [null, null] : [null, null];
            if ($key === $keys[$id] && $rate instanceof LearnedRate) {
                $rates[$id] = $rate;
            }
        }
        $missing = array_diff_key($asked, $rates);
        if ($missing !== []) {
            $rates += self::learn($plantGroups, $given, $missing);
            Cache::put(
                $name,
                array_map(static fn(int $id): array => [$keys[$id], $rates[$id]], array_combine(array_keys($rates), array_keys($rates))),
                86400 * 30,
            );
        }

        return $rates;
    }

    /**
     * What the usual rate of each plant group is worked out from.
     *
     * @param array<int, array{stand: PlantGroup, kind: PlantSpecies, base: GrowingGroup}> $given
     *
     * @return array<int, array{float, LightDemand, float, float, float, float, float, float}> usual rate, demand, light, carbon dioxide,
     *     hours, temperature, what bicarbonate alone allows, ceiling
     */
    private static function asked(Tank $tank, array $given, PlantModel $bare): array
    {
        $carbon = LightQuery::carbonDioxide($tank);
        $hours = round(LightQuery::given($tank, $bare->light)[0], 2);
        $floating = min(
            1.0,
            array_sum(array_map(static fn(array $one): float => $one['base']->floats() ? $one['base']->area() * $one['base']->cover : 0.0, $given)),
        );
        $hard = array_filter($given, static fn(array $one): bool => $one['kind']->bicarbonate) !== [] && self::alkalinity($tank) > Growth::BICARBONATE_FROM;
        $asked = [];
        foreach ($given as $id => $one) {
            $light = self::light($one['base'], $one['kind'], $bare, $floating);
            $asked[$id] = [
                max(0.3, $one['kind']->usualRate()), $one['kind']->demand, round($light, 1), $carbon, $hours, $tank->warmth, $one['kind']->bicarbonate && $hard
                    ? Growth::BICARBONATE
                    : 0.0, $one['base']->ceiling,
            ];
        }

        return $asked;
    }

    /**
     * @param Collection<int, PlantGroup> $plantGroups
     *
     * @return array<int, string> which looks there are of each
     */
    private static function looks(Collection $plantGroups): array
    {
        $found = [];
        foreach (DB::table('plant_measurements')->whereIn('plant_group_id', $plantGroups->modelKeys())->groupBy('plant_group_id')
            ->selectRaw('plant_group_id, count(*) as looks, max(id) as newest, max(happened_at) as last, sum(height) as heights')->get() as $row) {
            if (is_numeric($row->plant_group_id)) {
                $found[(int) $row->plant_group_id] = (string) json_encode([$row->looks, $row->newest, $row->last, $row->heights]);
            }
        }

        return $found;
    }

    /** How the usual rate of a plant group comes about; null for one that floats or is not there. */
    public static function growth(Tank $tank, int $plantGroup): ?Computation
    {
        $tank->load(self::WITH);
        $vessel = VesselQuery::tank($tank);
        $bare = new PlantModel([], LightQuery::tank($tank), $vessel->waterHeight(), $vessel->bed);
        $isGas = LightQuery::carbonDioxide($tank) >= Growth::IS_GAS;
        $given = [];
        foreach ($tank->plantGroups as $record) {
            $given[$record->id] = self::given($record, $record->latestLook, $bare, CarbonImmutable::now(), $isGas);
        }
        if (!isset($given[$plantGroup]) || $given[$plantGroup]['base']->floats()) {
            return null;
        }
        [$usual, $demand, $light, $gas, $lit, $celsius, $least] = self::asked($tank, $given, $bare)[$plantGroup];

        return Growth::rate($usual, $demand, $light, $gas, $lit, $celsius, 1.0, $least)
            ->note('growth.what_it_rests_on');
    }

    /** How the height of a plant group comes about, from where it was last seen. */
    public static function height(Tank $tank, int $plantGroup): ?Computation
    {
        [$base, $from] = self::known($tank)->plantGroups[$plantGroup] ?? [null, null];
        if ($base === null || $base->floats()) {
            return null;
        }
        $days = $from === null ? 0.0 : max(0.0, (CarbonImmutable::now()->startOfHour()->getTimestamp() - $from) / 86400.0);

        return $base->working($days);
    }

    /**
     * @param Collection<int, PlantGroup>                                                     $plantGroups
     * @param array<int, array{stand: PlantGroup, kind: PlantSpecies, base: GrowingGroup}>    $given
     * @param array<int, array{float, LightDemand, float, float, float, float, float, float}> $asked
     *
     * @return array<int, LearnedRate> by plant group
     */
    private static function learn(Collection $plantGroups, array $given, array $asked): array
    {
        $plantGroups->whereIn('id', array_keys($asked))->load('looks');
        $rates = [];
        foreach ($asked as $id => [$usual, $demand, $light, $gas, $lit, $celsius, $least, $ceiling]) {
            $prior = max(0.3, Growth::rate($usual, $demand, $light, $gas, $lit, $celsius, 1.0, $least)->value('rate'));
            $rates[$id] = LearnedRate::of($prior, $ceiling, self::pairs($given[$id]['stand']));
        }

        return $rates;
    }

    /** Light at half the ceiling of a plant group under what floats; without a lamp that is set up, just what it asks for. */
    private static function light(GrowingGroup $plantGroup, PlantSpecies $kind, PlantModel $bare, float $floating): float
    {
        return $bare->light->lamps === []
            ? $kind->demand->need()
            : $bare->open($plantGroup, min($bare->room($plantGroup), $plantGroup->ceiling / 2.0)) * ($plantGroup->floats() ? 1.0 : Canopy::under($floating));
    }

    private static function alkalinity(Tank $tank): float
    {
        $value = DB::table('readings')->where('tank_id', $tank->id)->where('parameter', Parameter::CarbonateHardness->value)->orderByDesc('taken_at')
            ->value('value');

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @return list<array{float, float, float}> heights of a look and of the next, mm, and the weeks of growth between */
    private static function pairs(PlantGroup $plantGroup): array
    {
        $pairs = [];
        $before = null;
        foreach ($plantGroup->looks as $look) {
            if ($before !== null) {
                $days = ($look->happened_at->getTimestamp() - $before->happened_at
                    ->getTimestamp()) / 86400.0 - self::pause($plantGroup, $before, $before->happened_at);
                // A cut notes what was found before it and what was left after.
                if ($days >= 2.0 && !$look->guessed) {
                    $pairs[] = [$before->height, $look->found(), $days / 7.0];
                }
            }
            $before = $look;
        }

        return $pairs;
    }

    /** A plant group as it is so many days after it was looked at. */
    private static function grown(GrowingGroup $base, float $days): GrowingGroup
    {
        $rate = $base->rate;
        $height = $base->heightIn($days, null, $rate->median);
        $low = $base->heightIn($days, null, $rate->next()->low);
        $high = $base->heightIn($days, null, $rate->next()->high);
        // What the tape was off grows or shrinks with the curve, and the rate adds what it is not known by.
        $steep = $base->floats() ? 1.0 : ($base->heightIn($days, $base->height + 1.0, $rate->median) - $height);

        return $base->at($height, $base->coverIn($days))->off(hypot($base->off * max(0.0, $steep), ($high - $low) / 2.5632), max(0.0, $base->pause - $days));
    }
}
