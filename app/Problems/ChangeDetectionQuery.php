<?php

declare(strict_types=1);

namespace App\Problems;

use App\Data\ChecklistPlan;
use App\Data\ForecastRecord;
use App\Models\DataVersion;
use App\Models\EntryKind;
use App\Models\Reading;
use App\Models\Reservoir;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\PlantGrowthQuery;
use App\Tanks\TankWaterQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\LevelShift;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Membrane;
use Cresco\Core\WaterChange\TopOffDrift;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Quiet changes: what a tank makes, takes up or evaporates in a day, held against itself. Looked at once a day for each tank, and again
 * when its water was changed, read or topped up, or its equipment read.
 */
final class ChangeDetectionQuery
{
    /** Changes with the way in which courses are made. */
    private const VERSION = 5;

    /** Days of the log that are watched. House default. */
    private const DAYS = 420;

    /** Days after which a new level is what is usual, and no longer told. House default. */
    private const NEWS = 42;

    /** Days between two readings that a rate is taken from at least. House default. */
    private const APART = 2.0;

    /** Days before a shift within which the log is looked through. House default. */
    private const JUST_BEFORE = 10;

    private const COURSES = [Parameter::Nitrate, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity];

    /** Read itself and held against itself: a heater that fails, a gas bottle that runs out. */
    private const LEVELS = [Parameter::Temperature, Parameter::Acidity];

    /** Litres that minutes of the hose are said for. */
    private const TEN = 10.0;

    /**
     * @param array<int, TankWaterQuery> $waters by tank
     *
     * @return array<int, list<ChangePoint>> by tank, what has moved within the last weeks: first what animals live in, of that the newest
     */
    public static function ofMany(array $waters, Show $show): array
    {
        $day = $show->local(CarbonImmutable::now())->format('Y-m-d');
        $keeper = (string) (array_values($waters)[0] ?? null)?->tank->keeper_id;
        $kept = Cache::get('watch.'.$keeper);
        $kept = is_array($kept) ? $kept : [];
        $moved = $fresh = [];
        $versions = DataVersion::ofTanks(array_keys($waters));
        foreach ($waters as $id => $water) {
            $key = hash('xxh128', serialize([self::VERSION, $day, $versions[$id] ?? 0]));
            $found = is_array($kept[$id] ?? null) && ($kept[$id][0] ?? null) === $key && is_array($kept[$id][1] ?? null) ? $kept[$id][1] : null;
            if ($found === null) {
                $fresh[$id] = [$key, $found = self::tank($water->tank)];
            }
            $moved[$id] = array_values(array_filter($found, static fn(mixed $one): bool => $one instanceof ChangePoint));
        }
        if ($fresh !== []) {
            Cache::put('watch.'.$keeper, $fresh + $kept, 86400);
        }

        return $moved;
    }

    /** @return list<ChangePoint> */
    public static function tank(Tank $tank): array
    {
        $since = CarbonImmutable::now()->subDays(self::DAYS);
        $moved = [];
        $courses = [
            ...array_map(static fn(array $one): array => [ChangePoint::MADE, $one[0], $one[1], LevelShift::WEEKLY, ''], self::made($tank, $since)),
            [ChangePoint::LITRES, null, self::evaporated($tank, $since), LevelShift::WEEKLY, ''],
            ...array_map(static fn(array $one): array => [ChangePoint::LEVEL, $one[0], $one[1], LevelShift::DAILY, ''], self::levels($tank, $since)),
            ...array_map(
                static fn(string $gauge, array $course): array => [ChangePoint::GAUGE, null, $course, LevelShift::DAILY, $gauge],
                array_keys($gauges = self::gauges($tank, $since)),
                $gauges,
            ),
            ...array_map(static fn(array $one): array => [ChangePoint::GROWTH, null, $one[1], LevelShift::WEEKLY, $one[0]], self::grown($tank, $since)),
            [ChangePoint::DRAIN, null, self::drained($tank, $since), LevelShift::WEEKLY, ''],
            [ChangePoint::WIPES, null, self::wiped($tank, $since), LevelShift::WEEKLY, ''],
            [ChangePoint::HOURS, null, self::lit($tank, $since), LevelShift::DAILY, ''],
        ];
        foreach ($courses as [$what, $parameter, $course, $alarm, $name]) {
            $shift = self::shift($course, $alarm);
            if ($shift !== null) {
                $moved[] = new ChangePoint($what, $parameter, $shift[0], $shift[1], $shift[2], self::before($tank, $shift[2]), $name);
            }
        }
        // First what animals live in, and of that the newest.
        usort(
            $moved,
            static fn(ChangePoint $a, ChangePoint $b): int => [$b->what === ChangePoint::LEVEL, $b->began] <=> [$a->what === ChangePoint::LEVEL, $a->began],
        );

        return $moved;
    }

    /** @return list<ChangePoint> what has moved of the unit that fills a reservoir: what its membrane holds back, and how much it gives */
    public static function store(Reservoir $reservoir): array
    {
        $since = CarbonImmutable::now()->subDays(self::DAYS);
        $held = $given = [];
        foreach ($reservoir->ofThisMembrane() as $rejection) {
            if ($rejection->taken_at->lessThan($since) || $rejection->is_first) {
                continue;
            }
            $at = $rejection->taken_at->getTimestamp();
            $held[] = [$at, Membrane::rejection($rejection->conductivity_in, $rejection->conductivity_out)];
            if ($rejection->millilitres_a_minute !== null) {
                $given[] = [$at, $rejection->millilitres_a_minute];
            }
        }
        $moved = [];
        foreach ([ChangePoint::REJECTION => $held, ChangePoint::OUTPUT => $given] as $what => $course) {
            $shift = self::shift($course, LevelShift::WEEKLY);
            if ($shift !== null) {
                $moved[] = new ChangePoint($what, null, $shift[0], $shift[1], $shift[2], null);
            }
        }

        return $moved;
    }

    /**
     * The last shift of a course, unless it is no news any more.
     *
     * @param list<array{int, float}> $course each with its second
     *
     * @return array{float, float, int}|null mean of the level before, mean since, and the second of the first value since
     */
    private static function shift(array $course, float $alarm): ?array
    {
        $values = array_column($course, 1);
        $shift = LevelShift::last($values, $alarm);
        if ($shift === null || $course[$shift->began][0] < CarbonImmutable::now()->subDays(self::NEWS)->getTimestamp()) {
            return null;
        }
        $mean = static fn(array $part): float => array_sum($part) / max(1, count($part));

        return [
            $mean(array_slice($values, $shift->since, $shift->began - $shift->since)), $mean(array_slice($values, $shift->began)),
            $course[$shift->began][0],
        ];
    }

    /** @return array<string, list<array{int, float}>> what was read of the equipment, each with its second, by gauge */
    private static function gauges(Tank $tank, CarbonImmutable $since): array
    {
        $courses = [];
        foreach (DB::table('gauge_notes')->where('tank_id', $tank->id)->where('day', '>=', $since->format('Y-m-d'))->orderBy('day')
            ->get(['gauge', 'day', 'value']) as $row) {
            if (is_string($row->gauge) && is_string($row->day) && is_numeric($row->value)) {
                $courses[$row->gauge][] = [(int) strtotime(substr($row->day, 0, 10).' 12:00 UTC'), (float) $row->value];
            }
        }

        return $courses;
    }

    /** @return list<array{string, list<array{int, float}>}> mm a day that each plant group grew between two looks, each with its second, by its name */
    private static function grown(Tank $tank, CarbonImmutable $since): array
    {
        $courses = $names = [];
        foreach (PlantGrowthQuery::of($tank, $since, CarbonImmutable::now()) as [$plantGroup, $at, $grown]) {
            $courses[$plantGroup][] = [$at, $grown];
        }
        $courses = array_filter($courses, static fn(array $course): bool => count($course) > LevelShift::LEAST);
        foreach ($courses === [] ? [] : $tank->plantGroups()->whereKey(array_keys($courses))->with('plantKind')->get() as $plantGroup) {
            $names[] = [$plantGroup->toKind()->name, $courses[$plantGroup->id]];
        }

        return $names;
    }

    /** @return list<array{int, float}> days since the panes were wiped last, each with its second */
    private static function wiped(Tank $tank, CarbonImmutable $since): array
    {
        $course = [];
        $last = null;
        foreach (DB::table('checklist_steps')->join(
            'checklists',
            'checklists.id',
            '=',
            'checklist_steps.checklist_id',
        )->where('checklists.tank_id', $tank->id)->where('checklist_steps.job', 'glass')->where('checklist_steps.skipped', false)
            ->where('checklist_steps.done_at', '>=', $since)->orderBy('checklist_steps.done_at')->pluck('checklist_steps.done_at') as $done) {
            $at = is_string($done) ? (int) strtotime($done.' UTC') : 0;
            if ($last !== null && $at - $last >= 43_200) {
                $course[] = [$at, ($at - $last) / 86400.0];
            }
            $last = $at;
        }

        return $course;
    }

    /**
     * What the water of a tank gained or lost in a day between what each change was forecast to lead to and the last reading before the next.
     *
     * @return list<array{Parameter, list<array{int, float}>}>
     */
    private static function made(Tank $tank, CarbonImmutable $since): array
    {
        $changes = WaterChange::query()->where('tank_id', $tank->id)->where('changed_at', '>=', $since)->orderBy('changed_at')
            ->get(['id', 'changed_at', 'forecast']);
        if ($changes->count() <= LevelShift::LEAST) {
            return [];
        }
        $readings = [];
        foreach (DB::table('readings')->where('tank_id', $tank->id)->whereIn('parameter', self::COURSES)->where('taken_at', '>=', $since)
            ->orderBy('taken_at')->get(['parameter', 'taken_at', 'value', 'low', 'high']) as $row) {
            if (is_string($row->taken_at) && is_string($row->parameter)) {
                $value = is_numeric($row->value)
                    ? (float) $row->value
                    : (is_numeric($row->low) && is_numeric($row->high) ? ((float) $row->low + (float) $row->high) / 2.0 : null);
                if ($value !== null) {
                    $readings[$row->parameter][] = [(int) strtotime($row->taken_at.' UTC'), $value];
                }
            }
        }
        $forecasts = array_values($changes->map(static fn(WaterChange $change): ForecastRecord => $change->forecast)->all());
        $times = array_values($changes->map(static fn(WaterChange $change): int => $change->changed_at->getTimestamp())->all());
        $courses = [];
        foreach (self::COURSES as $parameter) {
            $course = [];
            foreach (array_slice($times, 0, -1) as $i => $from) {
                $next = $forecasts[$i]->row($parameter)->next;
                $last = null;
                foreach ($readings[$parameter->value] ?? [] as [$at, $value]) {
                    $last = $at > $from && $at <= $times[$i + 1] ? [$at, $value] : $last;
                }
                $days = $last === null ? 0.0 : ($last[0] - $from) / 86400.0 - 1.0;
                if ($next !== null && $last !== null && $days >= self::APART) {
                    $course[] = [$last[0], ($last[1] - $next->central) / $days];
                }
            }
            $courses[] = [$parameter, $course];
        }

        return $courses;
    }

    /**
     * The last of each day of what is read itself.
     *
     * @return list<array{Parameter, list<array{int, float}>}>
     */
    private static function levels(Tank $tank, CarbonImmutable $since): array
    {
        $days = [];
        foreach (DB::table('readings')->where('tank_id', $tank->id)->whereIn('parameter', self::LEVELS)->where('taken_at', '>=', $since)
            ->whereNotNull('value')->orderBy('taken_at')->get(['parameter', 'taken_at', 'value']) as $row) {
            if (is_string($row->taken_at) && is_string($row->parameter) && is_numeric($row->value)) {
                $days[$row->parameter][substr($row->taken_at, 0, 10)] = [(int) strtotime($row->taken_at.' UTC'), (float) $row->value];
            }
        }

        return array_map(static fn(Parameter $parameter): array => [$parameter, array_values($days[$parameter->value] ?? [])], self::LEVELS);
    }

    /** @return list<array{int, float}> minutes that the hose took for ten litres, each with its second */
    private static function drained(Tank $tank, CarbonImmutable $since): array
    {
        $course = [];
        $rows = DB::table('checklist_steps')->join('checklists', 'checklists.id', '=', 'checklist_steps.checklist_id')
            ->where('checklists.tank_id', $tank->id)->where('checklist_steps.job', 'drain')->where('checklist_steps.skipped', false)
            ->where('checklist_steps.done_at', '>=', $since)->whereNotNull('checklist_steps.opened_at')->orderBy('checklist_steps.done_at')
            ->get(['checklist_steps.opened_at', 'checklist_steps.done_at', 'checklists.plan']);
        foreach ($rows as $row) {
            $plan = is_string($row->plan) ? json_decode($row->plan, true) : null;
            $litres = ChecklistPlan::read(is_array($plan) ? $plan : [])->litres;
            if (is_string($row->opened_at) && is_string($row->done_at) && $litres > 0.0) {
                $at = (int) strtotime($row->done_at.' UTC');
                $course[] = [$at, max(0.0, ($at - (int) strtotime($row->opened_at.' UTC')) / 60.0) * self::TEN / $litres];
            }
        }

        return $course;
    }

    /** @return list<array{int, float}> hours of light that were noted, each with its second */
    private static function lit(Tank $tank, CarbonImmutable $since): array
    {
        $course = [];
        foreach ($tank->lightDays()->where('day', '>=', $since->format('Y-m-d'))->orderBy('day')->get() as $day) {
            $course[] = [$day->day->getTimestamp(), $day->hours];
        }

        return $course;
    }

    /** @return list<array{int, float}> litres a day, each with its second */
    private static function evaporated(Tank $tank, CarbonImmutable $since): array
    {
        $jugs = [];
        foreach (DB::table('top_offs')->where('tank_id', $tank->id)->where('taken_at', '>=', $since)->orderBy('taken_at')->orderBy('id')
            ->get(['taken_at', 'litres']) as $row) {
            if (is_string($row->taken_at) && is_numeric($row->litres)) {
                $jugs[] = [(int) strtotime($row->taken_at.' UTC') / 86400.0, (float) $row->litres];
            }
        }

        return array_map(static fn(array $spell): array => [(int) round(86400.0 * $spell[2]), $spell[1] / $spell[0]], TopOffDrift::spells($jugs));
    }

    /** Title of the last entry of the log before it, beside tests, changes and doses, as its column holds it. */
    private static function before(Tank $tank, int $second): ?string
    {
        $at = CarbonImmutable::createFromTimestamp($second);
        $title = DB::table('entries')->where('tank_id', $tank->id)->whereIn(
            'kind',
            [EntryKind::Event->value, EntryKind::Work->value, EntryKind::Note->value],
        )->where('happened_at', '<', $at)->where('happened_at', '>=', $at->subDays(self::JUST_BEFORE))
            ->orderByDesc('happened_at')->value('title');

        return is_string($title) ? $title : null;
    }
}
