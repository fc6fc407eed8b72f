<?php

declare(strict_types=1);

namespace App\Problems;

use App\Fertilising\RootTabsQuery;
use App\Models\ChecklistState;
use App\Models\DataVersion;
use App\Models\FeedingOverride;
use App\Models\GaugeNote;
use App\Models\Lamp;
use App\Models\Reading;
use App\Models\SubstrateZone;
use App\Models\Tank;
use App\Tanks\LatestResultsQuery;
use App\Tanks\LightQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\UsualWaterQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Diagnosis\DiagnosticSigns;
use Cresco\Core\Diagnosis\Gauge;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Numeric\Median;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Substrate\Cover;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Signs that the log of a tank tells by itself, each within its window. What is not in the log is not known and never a no, unless
 * that series is kept at all.
 */
final class SignsFromLogQuery
{
    /** Days for which a reading still tells. House default. */
    private const READ_WITHIN = 28;

    /** Days back that ammonium is looked for: it comes and goes. House default. */
    private const AMMONIUM_WITHIN = 21;

    /** Chance of what is written down: people mistake themselves now and then. House default. */
    private const SURE = 0.97;

    /** Chance of what is read from counts that few made. House default. */
    private const READ_OFF = 0.9;

    /** Chance that what was seen at a session still holds. House default. */
    private const SEEN = 0.85;

    /** Notes of a gauge that are asked for at least before it says anything. House default. */
    private const LEAST_NOTES = 4;

    /** Doses that are asked for at least before it is said that some were missed. House default. */
    private const LEAST_DOSES = 4;

    /** By which the light at a plant group may be off, as the logarithm of a factor, a standard deviation. House default. */
    private const LIGHT_OFF = 0.35;

    /** By which the share of the substrate under plants may be off, likewise. House default. */
    private const COVER_OFF = 0.3;

    /** Changes with the way in which hints are read. */
    private const VERSION = 4;

    private readonly Show $show;

    private readonly ?PlantModel $planting;

    private readonly TankWaterQuery $water;

    /** @var array<string, CarbonImmutable>|null when each task was last done */
    private ?array $done = null;

    private function __construct(private readonly Tank $tank, private readonly CarbonImmutable $now)
    {
        $this->show = $tank->keeper->show();
        $this->planting = PlantModelQuery::orNone($tank);
        $this->water = TankWaterQuery::of($tank);
    }

    /**
     * Kept for as long as nothing of what it is read from changes.
     *
     * @return array<string, KnownSign> by sign, of a tank as a whole
     */
    public static function tank(Tank $tank, ?CarbonImmutable $now = null): array
    {
        if ($now !== null) {
            return self::read($tank, $now);
        }
        $mark = self::mark($tank);
        $kept = Cache::get('hints.'.$tank->id);
        if (is_array($kept) && ($kept[0] ?? null) === $mark && is_array($kept[1] ?? null)) {
            return array_filter($kept[1], static fn(mixed $hint, mixed $sign): bool => $hint instanceof KnownSign && is_string($sign), ARRAY_FILTER_USE_BOTH);
        }
        $hints = self::read($tank, CarbonImmutable::now());
        Cache::put('hints.'.$tank->id, [$mark, $hints], 7200);

        return $hints;
    }

    /** Changes with all that the hints are read from. */
    private static function mark(Tank $tank): string
    {
        return hash(
            'xxh128',
            serialize([self::VERSION, DataVersion::ofTanks([$tank->id]), $tank->keeper->timezone, CarbonImmutable::now()->startOfHour()->getTimestamp()]),
        );
    }

    /** @return array<string, KnownSign> */
    private static function read(Tank $tank, CarbonImmutable $now): array
    {
        $of = new self($tank, $now);

        return self::keyed([
            $of->young(), $of->plantsNew(), $of->lampLong(), $of->lampStrong(), $of->gas(), $of->flow(), $of->seen(TankSign::DeadLeaves), $of
                ->below('nitrate_low'), $of->above('nitrate_high'), $of->below('phosphate_low'), $of->above('phosphate_high'),
            $of->ammonium(), $of->dosesMissed(), $of->extraFood(), $of->changesLate(), $of->away(), $of->late('filter_late', Task::Media), $of
                ->late('bed_late', Task::Vacuum), $of->bedDug(), $of->plantsCut(), $of->plantsFew(),
            $of->waterNew(), $of->tapRich(), $of->hot(), $of->soil(), $of->below('potassium_low'), $of->below('iron_low'), $of->below('soft_water'),
        ]);
    }

    /** @param array<string, KnownSign> $hints */
    public static function dirty(array $hints): ?KnownSign
    {
        $late = array_filter([$hints['filter_late'] ?? null, $hints['bed_late'] ?? null]);
        usort($late, static fn(KnownSign $a, KnownSign $b): int => $b->chance <=> $a->chance);

        return $late === [] ? null : new KnownSign('dirty', $late[0]->chance, $late[0]->from, $late[0]->words);
    }

    /**
     * What bears on one plant group beside.
     *
     * @return array<string, KnownSign>
     */
    public static function plantGroup(Tank $tank, int $plantGroup, Show $show): array
    {
        $planting = PlantModelQuery::orNone($tank);
        $record = $tank->plantGroups()->whereKey($plantGroup)->first();
        $drawn = $planting->plantGroups[$plantGroup] ?? null;
        $hints = [];
        if ($record?->planted_on !== null) {
            $days = max(0, $show->daysSinceDate($record->planted_on));
            $hints[] = new KnownSign('planted_lately', $days <= 42 ? self::SURE : 1.0 - self::SURE, 'planted_on', ['day' => $show->date($record->planted_on)]);
        }
        if ($planting !== null && $drawn !== null && $planting->light->lamps !== []) {
            $light = $planting->lightAt($drawn, 0.0);
            $need = $planting->need($drawn);
            // The light is known within a factor, so that near the need it says little.
            $chance = self::chanceAbove(log($need / max(1e-6, $light)), self::LIGHT_OFF);
            $hints[] = new KnownSign(
                'light_short',
                min(self::SURE, max(1.0 - self::SURE, $chance)),
                'light_at',
                ['light' => (string) round($light), 'need' => (string) round($need)],
            );
        }
        if ($record !== null && RootTabsQuery::isFor($record)) {
            $last = $record->rootTabs()->reorder()->orderByDesc('placed_on')->first();
            if ($last !== null) {
                [, $most] = $last->kind->days($tank->warmth, $record->toKind()->roots);
                $since = $show->daysSinceDate($last->placed_on);
                $hints[] = new KnownSign('roots_unfed', $since > $most ? 0.85 : 0.15, 'capsules', ['day' => $show->date($last->placed_on)]);
            }
        }

        return self::keyed($hints);
    }

    private function young(): ?KnownSign
    {
        if ($this->tank->started_on === null) {
            return null;
        }
        $weeks = TimeDifference::days($this->tank->started_on, $this->now) / 7.0;

        return new KnownSign(
            'young',
            $weeks < DiagnosticSigns::YOUNG_WEEKS ? self::SURE : 1.0 - self::SURE,
            'started',
            ['day' => $this->show->date($this->tank->started_on)],
        );
    }

    private function plantsNew(): ?KnownSign
    {
        $days = $this->tank->plantGroups()->whereNotNull('planted_on')->reorder()->orderByDesc('planted_on')->first()?->planted_on;
        if ($days === null) {
            return null;
        }

        return new KnownSign(
            'plants_new',
            TimeDifference::days($days, $this->now) < 7 * DiagnosticSigns::NEW_WEEKS ? self::SURE : 0.3,
            'planted',
            ['day' => $this->show->date($days)],
        );
    }

    private function lampLong(): ?KnownSign
    {
        $this->tank->loadMissing(['lamps', 'lightReadings', 'devices']);
        if ($this->tank->lamps->filter(static fn(Lamp $lamp): bool => $lamp->hours > 0.0 && $lamp->dimmer > 0.0)->isEmpty()) {
            return null;
        }
        $hours = LightQuery::given($this->tank, LightQuery::tank($this->tank))[0];

        return new KnownSign(
            'lamp_long',
            $hours > DiagnosticSigns::LONG_HOURS ? self::SURE : 1.0 - self::SURE,
            'lamp_hours',
            ['hours' => Show::plain($hours, 1)],
        );
    }

    private function lampStrong(): ?KnownSign
    {
        $this->tank->loadMissing(['lamps', 'lightReadings', 'devices']);
        if ($this->tank->lamps->isEmpty()) {
            return null;
        }
        $light = LightQuery::tank($this->tank);
        $vessel = VesselQuery::tank($this->tank);
        $bed = $light->at(max(0.0, $vessel->waterHeight() - $vessel->bed->front));
        $need = DiagnosticSigns::STRONG_LIGHT / DiagnosticSigns::STRONG;
        foreach ($this->planting->plantGroups ?? [] as $plantGroup) {
            $need = max($need, $this->planting === null ? 0.0 : $this->planting->need($plantGroup));
        }
        $hasGas = LightQuery::carbonDioxide($this->tank) >= Growth::IS_GAS;
        $limit = DiagnosticSigns::STRONG * $need * ($hasGas ? 1.0 : 1.0 / DiagnosticSigns::STRONG);

        return new KnownSign(
            'lamp_strong',
            min(self::SURE, max(1.0 - self::SURE, self::chanceAbove(log($bed / $limit), log(1.0 + max(0.05, $light->band())) / 1.2816))),
            $hasGas ? 'light_gas' : 'light_no_gas',
            ['light' => (string) round($bed), 'limit' => (string) round($limit)],
        );
    }

    /** Where no gas is given it cannot be unsteady; else counted bubbles say it. */
    private function gas(): ?KnownSign
    {
        $this->tank->loadMissing('devices');
        if (LightQuery::carbonDioxide($this->tank) < Growth::IS_GAS) {
            return new KnownSign('gas_unsteady', 1.0 - self::SURE, 'no_gas');
        }
        $counts = $this->noted(Gauge::Bubbles, DiagnosticSigns::WINDOW_WEEKS);
        if (count($counts) < self::LEAST_NOTES) {
            return null;
        }
        $mean = array_sum($counts) / count($counts);
        $scatter = $mean <= 0.0 ? 1.0 : sqrt(array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $counts)) / (count($counts) - 1)) / $mean;

        return new KnownSign(
            'gas_unsteady',
            self::between($scatter, DiagnosticSigns::BUBBLES[1], DiagnosticSigns::BUBBLES[0]),
            'bubbles',
            ['least' => Show::plain(min($counts), 0), 'most' => Show::plain(max($counts), 0)],
        );
    }

    /** What the filter turns over now against what it did, where that was measured; else what was seen at a session. */
    private function flow(): ?KnownSign
    {
        $noted = $this->noted(Gauge::Flow, 2 * DiagnosticSigns::NEW_WEEKS);
        $now = array_pop($noted);
        if ($now === null || $noted === [] || count($noted) + 1 < self::LEAST_NOTES) {
            return $this->seen(TankSign::WeakFlow);
        }
        $before = Median::of($noted);

        return new KnownSign(
            'flow_weak',
            self::between(-$now, -DiagnosticSigns::FLOW[1] * $before, -DiagnosticSigns::FLOW[0] * $before),
            'flow',
            ['now' => Show::plain($now, 0), 'before' => Show::plain($before, 0)],
        );
    }

    /** What was seen at a session of the last weeks speaks for it; what was not picked says nothing. */
    private function seen(TankSign $sign): ?KnownSign
    {
        $of = $sign->speaksFor();
        if ($of === null) {
            return null;
        }
        foreach ($this->tank->checklists()->where('state', ChecklistState::Done)->where(
            'finished_at',
            '>=',
            $this->now->subWeeks(DiagnosticSigns::WINDOW_WEEKS),
        )->orderByDesc('finished_at')->get(['id', 'plan', 'finished_at']) as $checklist) {
            if ($checklist->finished_at !== null && in_array($sign, $checklist->plan->signs, true)) {
                return new KnownSign($of, self::SEEN, 'seen', ['sign' => StepWords::sign($sign), 'day' => $this->show->day($checklist->finished_at)]);
            }
        }

        return null;
    }

    /** @return list<float> what a gauge showed in the last weeks, the oldest first */
    private function noted(Gauge $gauge, int $weeks): array
    {
        $today = $this->show->local($this->now);

        return array_values($this->tank->gaugeNotes()->where('gauge', $gauge)->whereDate(
            'day',
            '>=',
            $today->subWeeks($weeks)->format('Y-m-d'),
        )->whereDate('day', '<=', $today->format('Y-m-d'))->reorder()->orderBy('day')->get()->map(static fn(GaugeNote $note): float => $note->value)->all());
    }

    /** Chance of a figure of which little speaks against and much for it. */
    private static function between(float $value, float $little, float $much): float
    {
        return max(1.0 - self::READ_OFF, min(self::READ_OFF, 0.5 + (self::READ_OFF - 0.5) * (2.0 * ($value - $little) / max(1e-9, $much - $little) - 1.0)));
    }

    private function below(string $sign): ?KnownSign
    {
        [$parameter, $limit] = DiagnosticSigns::limits($sign)[0];

        return $this->value($sign, $parameter, static fn(Distribution $value): float => self::share($value, $limit));
    }

    private function above(string $sign): ?KnownSign
    {
        [$parameter, $limit] = DiagnosticSigns::limits($sign)[0];

        return $this->value($sign, $parameter, static fn(Distribution $value): float => 1.0 - self::share($value, $limit));
    }

    /** @param callable(Distribution): float $chance */
    private function value(string $sign, Parameter $parameter, callable $chance): ?KnownSign
    {
        $reading = $this->water->readings[$parameter->value] ?? null;
        if ($reading === null || TimeDifference::days($reading->taken_at, $this->now) > self::READ_WITHIN) {
            return null;
        }
        $core = $reading->toCore();

        return new KnownSign(
            $sign,
            $chance($core->distribution()),
            'read',
            ['parameter' => label($parameter), 'value' => $this->show->reading($core), 'day' => $this->show->day($reading->taken_at)],
        );
    }

    private function ammonium(): ?KnownSign
    {
        /** @var Reading|null $worst */
        $worst = $this->tank->readings()->where('parameter', Parameter::Ammonium)->where('taken_at', '>=', $this->now->subDays(self::AMMONIUM_WITHIN))
            ->reorder()->orderByDesc('value')->orderByDesc('high')->first();

        return $worst === null ? null
            : new KnownSign(
                'ammonium_seen',
                1.0 - self::share($worst->toCore()->distribution(), DiagnosticSigns::AMMONIUM),
                'read',
                ['parameter' => label(Parameter::Ammonium), 'value' => $this->show->reading($worst->toCore()), 'day' => $this->show->day($worst->taken_at)],
            );
    }

    private function dosesMissed(): ?KnownSign
    {
        $noted = DB::table('doses')->where('tank_id', $this->tank->id)->where('given_at', '>=', $this->now->subWeeks(DiagnosticSigns::WINDOW_WEEKS))
            ->selectRaw('count(*) as many, sum(case when missed then 1 else 0 end) as missed')->first();
        $many = is_numeric($noted?->many) ? (int) $noted->many : 0;
        $missed = is_numeric($noted?->missed) ? (int) $noted->missed : 0;

        return $many < self::LEAST_DOSES
            ? null
            : new KnownSign(
                'doses_missed',
                $missed >= DiagnosticSigns::MISSED * $many ? self::SURE : 1.0 - self::SURE,
                'doses',
                ['missed' => $missed, 'many' => $many],
            );
    }

    private function extraFood(): ?KnownSign
    {
        /** @var FeedingOverride|null $spell */
        $spell = $this->tank->feedingOverrides()->where(
            'until_day',
            '>=',
            $this->now->subWeeks(DiagnosticSigns::NEW_WEEKS)->format('Y-m-d'),
        )->whereDate('from_day', '<=', $this->now->format('Y-m-d'))->where(
            'grams',
            '>',
            1.3 * (float) $this->tank->food_grams,
        )->reorder()->orderByDesc('from_day')->first();

        return $spell === null
            ? null
            : new KnownSign('extra_food', self::SURE, 'spell', ['day' => $this->show->date($spell->from_day), 'note' => (string) $spell->note]);
    }

    private function changesLate(): ?KnownSign
    {
        $at = $this->water->change?->changed_at;
        if ($at === null) {
            return null;
        }
        $late = $this->show->daysSince($at) > DiagnosticSigns::LATE * $this->tank->routine_days;

        return new KnownSign(
            'changes_late',
            $late ? self::SURE : 1.0 - self::SURE,
            'changed',
            ['day' => $this->show->day($at), 'every' => $this->tank->routine_days],
        );
    }

    /** Three weeks without a line in a log that is kept. */
    private function away(): ?KnownSign
    {
        $days = DB::table('entries')->where('tank_id', $this->tank->id)->where(
            'happened_at',
            '>=',
            $this->now->subWeeks(2 * DiagnosticSigns::NEW_WEEKS),
        )->where('happened_at', '<=', $this->now)->orderBy('happened_at')->pluck('happened_at')->all();
        if (count($days) < 3) {
            return null;
        }
        $longest = 0.0;
        $before = null;
        foreach ([...$days, $this->now->format('Y-m-d H:i:s')] as $day) {
            $second = is_string($day) ? (int) strtotime($day.' UTC') : 0;
            $longest = $before === null ? 0.0 : max($longest, ($second - $before) / 86400.0);
            $before = $second;
        }

        return new KnownSign('away', $longest >= DiagnosticSigns::AWAY_DAYS ? self::SURE : 1.0 - self::SURE, 'gap', ['days' => (int) floor($longest)]);
    }

    private function late(string $sign, Task $task): ?KnownSign
    {
        $at = $this->done($task);
        if ($at === null) {
            return null;
        }

        return new KnownSign(
            $sign,
            $this->show->daysSince($at) > DiagnosticSigns::LATE * $task->days() ? self::SURE : 1.0 - self::SURE,
            'done',
            ['task' => mb_strtolower(StepWords::task($task)), 'day' => $this->show->day($at), 'every' => $task->days()],
        );
    }

    private function done(Task $task): ?CarbonImmutable
    {
        $this->done ??= TasksDoneQuery::last([$this->tank->id])[$this->tank->id] ?? [];

        return $this->done[$task->value] ?? null;
    }

    /** Plants pulled out or put in stir a substrate deep down. */
    private function bedDug(): ?KnownSign
    {
        $since = $this->now->subWeeks(2);
        $dug = DB::table('plant_groups')->where('tank_id', $this->tank->id)
            ->where(static fn(Builder $plantGroups) => $plantGroups->where('planted_on', '>=', $since->format('Y-m-d'))->orWhere('gone_at', '>=', $since))->count();

        return $dug === 0 ? null : new KnownSign('bed_dug', min(0.9, 0.5 + 0.1 * $dug), 'dug', ['count' => $dug]);
    }

    private function plantsCut(): ?KnownSign
    {
        if ($this->planting === null) {
            return null;
        }
        $cuts = DB::table('plant_measurements')->join(
            'plant_groups',
            'plant_groups.id',
            '=',
            'plant_measurements.plant_group_id',
        )->where('plant_groups.tank_id', $this->tank->id)->where('happened_at', '>=', $this->now
            ->subWeeks(DiagnosticSigns::WINDOW_WEEKS))->whereNotNull('before')
            ->whereRaw(
                'plant_measurements.height * plant_measurements.cover < ? * plant_measurements.before * coalesce(plant_measurements.cover_before, plant_measurements.cover)',
                [1.0 - DiagnosticSigns::CUT],
            )->distinct()->count('plant_groups.id');
        $all = count($this->planting->plantGroups);

        return new KnownSign(
            'plants_cut',
            $cuts >= max(1, $all / 3) ? self::SURE : ($cuts > 0 ? 0.4 : 1.0 - self::SURE),
            'cut',
            ['count' => $cuts, 'all' => $all],
        );
    }

    private function plantsFew(): ?KnownSign
    {
        if ($this->planting === null) {
            return null;
        }
        $covered = 0.0;
        foreach ($this->planting->plantGroups as $plantGroup) {
            $covered += $plantGroup->area() * $plantGroup->cover;
        }

        return new KnownSign(
            'plants_few',
            self::chanceAbove(log(DiagnosticSigns::FEW / max(0.01, $covered)), self::COVER_OFF),
            'covered',
            ['share' => $this->show->percent(min(1.0, $covered))],
        );
    }

    /** What went in within the window, against what went in within as long before it. */
    private function waterNew(): ?KnownSign
    {
        $window = $this->now->subWeeks(DiagnosticSigns::NEW_WEEKS)->format('Y-m-d H:i:s');
        $recent = $before = [];
        foreach (DB::table('water_changes')->where('tank_id', $this->tank->id)->whereNotNull('source_water_id')->where(
            'changed_at',
            '>=',
            $this->now->subWeeks(2 * DiagnosticSigns::NEW_WEEKS),
        )->get(['source_water_id', 'changed_at']) as $change) {
            if (is_numeric($change->source_water_id) && is_string($change->changed_at)) {
                if ($change->changed_at >= $window) {
                    $recent[(int) $change->source_water_id] = true;
                } else {
                    $before[(int) $change->source_water_id] = true;
                }
            }
        }
        if ($recent === [] || $before === []) {
            return null;
        }
        $isNew = array_diff_key($recent, $before) !== [];

        return new KnownSign('water_new', $isNew ? self::SURE : 1.0 - self::SURE, $isNew ? 'waters' : 'one_water');
    }

    private function tapRich(): ?KnownSign
    {
        if ($this->tank->keeper->waters->isEmpty()) {
            return null;
        }
        $water = UsualWaterQuery::of($this->tank)->id;
        $readings = LatestResultsQuery::ofWaters([$water], null, [Parameter::Nitrate, Parameter::Phosphate])[$water] ?? [];
        $chance = null;
        $words = [];
        foreach (DiagnosticSigns::limits('tap_rich') as [$parameter, $limit]) {
            $reading = $readings[$parameter->value] ?? null;
            if ($reading !== null) {
                $is = 1.0 - self::share($reading->toCore()->distribution(), $limit);
                if ($chance === null || $is > $chance) {
                    $chance = $is;
                    $words = [
                        'parameter' => label($reading->parameter), 'value' => $this->show->reading($reading->toCore()),
                        'day' => $this->show->day($reading->taken_at),
                    ];
                }
            }
        }

        return $chance === null ? null : new KnownSign('tap_rich', $chance, 'water_read', $words);
    }

    private function hot(): ?KnownSign
    {
        /** @var Reading|null $hottest */
        $hottest = $this->tank->readings()->where('parameter', Parameter::Temperature)
            ->where('taken_at', '>=', $this->now->subWeeks(DiagnosticSigns::WINDOW_WEEKS))->reorder()->orderByDesc('value')->first();

        return $hottest === null
            ? null
            : new KnownSign(
                'hot',
                1.0 - self::share($hottest->toCore()->distribution(), DiagnosticSigns::HOT),
                'read',
                [
                    'parameter' => label(Parameter::Temperature), 'value' => $this->show->reading($hottest->toCore()),
                    'day' => $this->show->day($hottest->taken_at),
                ],
            );
    }

    private function soil(): ?KnownSign
    {
        $covers = SubstrateZone::query()->where('tank_id', $this->tank->id)->distinct()->pluck('cover');
        $hasSoil = $covers->contains(Cover::FiredSoil) || $covers->contains(Cover::FiredSoil->value);
        if ($covers->isEmpty() || ($hasSoil && $this->tank->started_on === null)) {
            return null;
        }
        if (!$hasSoil) {
            return new KnownSign('soil_old', 1.0 - self::SURE, 'no_soil');
        }

        return new KnownSign(
            'soil_old',
            $this->tank->started_on !== null && $this->tank->started_on->diffInMonths($this->now) > DiagnosticSigns::SOIL_MONTHS ? 0.85 : 1.0 - self::SURE,
            'started',
            ['day' => $this->show->date($this->tank->started_on)],
        );
    }

    /** Share of what a reading may stand for that lies below a limit. */
    private static function share(Distribution $value, float $limit): float
    {
        $share = Bisection::edge(0.0, 1.0, static fn(float $share): bool => $value->quantile(min(0.999, max(0.001, $share))) < $limit, 12);

        return min(self::SURE, max(1.0 - self::SURE, $share));
    }

    /** Chance that something known within a standard deviation lies above nothing. */
    private static function chanceAbove(float $value, float $deviation): float
    {
        return 1.0 / (1.0 + exp(-1.702 * $value / $deviation));
    }

    /**
     * @param list<KnownSign|null> $hints
     *
     * @return array<string, KnownSign>
     */
    private static function keyed(array $hints): array
    {
        $keyed = [];
        foreach ($hints as $hint) {
            if ($hint !== null) {
                $keyed[$hint->sign] = $hint;
            }
        }

        return $keyed;
    }
}
