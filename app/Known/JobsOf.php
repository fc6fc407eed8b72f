<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\OwnFigures;
use App\Kept\RunPlan;
use App\Kept\StandCut;
use App\Models\FreshStart;
use App\Models\Keeper;
use App\Models\Run;
use App\Models\RunState;
use App\Models\RunStep;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Method;
use Cresco\Core\Plants\Planting;
use Cresco\Core\Rhythm\Agenda;
use Cresco\Core\Rhythm\Due;
use Cresco\Core\Rhythm\Interval;
use Cresco\Core\Rhythm\JobKind;
use Cresco\Core\Rhythm\JobKinds;
use Cresco\Core\Work\Task;
use Illuminate\Support\Facades\DB;

/** All jobs that come to a keeper within some weeks, at tanks and at home, each once for each time. */
final class JobsOf
{
    /** Days that are foreseen. */
    public const DAYS = 28;

    /** Times that a job is foreseen at most. House limit. */
    private const TIMES = 14;

    /** Minutes that a change takes at least. House default. */
    private const LEAST = 15;

    /** @var array<int, Tank> */
    public readonly array $tanks;

    /** @var list<Foreseen> */
    public readonly array $jobs;

    /** @var array<int, Run> sheets that are meant for a day, by tank */
    public readonly array $sheets;

    private readonly OwnFigures $own;

    private readonly StepMinutes $taken;

    /** @var array<int, array<string, Interval>> how often work comes again, by tank and task */
    private readonly array $every;

    /** @var array<string, list<array{int, int}>> by job, counted from today: the day that the keeper laid it on, and the day that it was due */
    private array $laid = [];

    public function __construct(private readonly Keeper $keeper)
    {
        $show = $keeper->show();
        $tanks = [];
        foreach ($keeper->tanks()->with('devices')->withCount('stands')->orderBy('name')->get() as $tank) {
            $tanks[$tank->id] = $tank->setRelation('keeper', $keeper);
        }
        $this->tanks = $tanks;
        $this->own = $keeper->figures;
        $ids = array_keys($tanks);
        $anew = FreshStart::ofTanks($ids);
        $this->taken = StepMinutes::of($ids, $anew);
        $this->every = AgendaOf::intervals($ids, $this->own, $anew);
        foreach ($keeper->laidJobs()->get() as $laid) {
            $this->laid[$laid->job][] = [-$show->daysSinceDate($laid->day), -$show->daysSinceDate($laid->due_on ?? $laid->day)];
        }
        $cuts = array_filter(array_map(PlantingOf::coming(...), $tanks));
        $agendas = AgendaOf::ofMany($tanks, TankWater::changedOf($ids), $show, $cuts, [], $this->every);
        $this->sheets = $this->sheets($ids);
        $minutes = $this->changeMinutes($ids);
        // A tank that is being started is changed as its course says.
        $starting = $ids === [] ? [] : DB::table('start_ups')->whereIn('tank_id', $ids)->pluck('tank_id')->flip()->all();
        $jobs = [];
        foreach ($tanks as $id => $tank) {
            if ($agendas[$id]->of(Agenda::CHANGE) === null && !isset($starting[$id])) {
                $agendas[$id] = new Agenda([...$agendas[$id]->all, AgendaOf::firstChange($tank, $show)]);
            }
            $jobs = [...$jobs, ...$this->ofTank($tank, $agendas[$id], $cuts[$id] ?? null, $this->sheets[$id] ?? null, $minutes[$id] ?? JobKinds::of('change')->minutes)];
        }
        $this->jobs = [...$jobs, ...$this->checks($ids), ...$this->arrivals($ids), ...$this->chores(), ...$this->pens(), ...$this->membranes()];
    }

    /** @return list<Foreseen> */
    private function ofTank(Tank $tank, Agenda $agenda, ?StandCuts $cuts, ?Run $sheet, int $minutes): array
    {
        $jobs = [];
        $litres = $tank->routine_share * VesselOf::tank($tank)->litres();
        $isPlanned = $sheet?->planned_for !== null;
        $planned = $isPlanned ? self::tasksOf($sheet) : [];
        if ($isPlanned) {
            $day = -$this->keeper->show()->daysSinceDate($sheet->planned_for);
            $jobs[] = new Foreseen('sheet.'.$sheet->id, 'sheet.'.$sheet->id, $tank->id, JobKinds::of('sheet'), max(5, $sheet->plannedMinutes()), $day, 0, null, $sheet->id, true, null, $sheet->changes_water ? ($sheet->plan->refill > 0.0 ? $sheet->plan->refill : $litres) : 0.0);
        }
        $isLedBack = !($isPlanned && $sheet->changes_water) && AgendaOf::isNeglected($tank, $agenda->of(Agenda::CHANGE));
        foreach ($agenda->all as $due) {
            if ($due->hours !== null) {
                $jobs[] = self::byHour($tank, $due);
                continue;
            }
            [$kind, $every, $name, $of] = $this->kindOf($tank, $due, $cuts);
            if ($kind === null) {
                continue;
            }
            $day = (int) floor($due->middle());
            // A sheet that is written takes the place of what it holds, and the way back of what it brings, step by step.
            $skip = ($isPlanned && $sheet->changes_water && $due->key === Agenda::CHANGE) || in_array($due->key, $planned, true) || ($isLedBack && $day <= 0 && AgendaOf::isOnTheWay($due->key)) ? 1 : 0;
            $isChange = $due->key === Agenda::CHANGE;
            $times = $this->times($tank->id.'.'.$due->key, $tank->id, $kind, $isChange ? $minutes : $this->taken->ofKind($kind, $tank->id, $this->own), $day, $every, $skip, $name, $of, $isChange ? $litres : 0.0, $due->until - $day);
            if ($isChange && $isLedBack) {
                $times[0] = $times[0]->as(JobKinds::of(JobKinds::WAY_BACK));
            }
            $jobs = [...$jobs, ...$times];
        }

        return $jobs;
    }

    /** What goes by the hour, and so has its day. */
    private static function byHour(Tank $tank, Due $due): Foreseen
    {
        $isReading = $due->key === Agenda::NEXT_DAY;
        [$run, $after] = $isReading ? [null, null] : AgendaOf::afterOf($due->key);
        $kind = JobKinds::of($isReading ? 'next_day' : 'after');

        return new Foreseen($tank->id.'.'.$due->key, $tank->id.'.'.$due->key.'@0', $tank->id, $kind, $kind->minutes, max(0, $due->from), 0, $after?->value, $run, true);
    }

    /** @return array{JobKind|null, int, string|null, int|null} kind, days until it comes again, name and record */
    private function kindOf(Tank $tank, Due $due, ?StandCuts $cuts): array
    {
        [$what, $rest] = [...explode('.', $due->key, 2), ''];

        return match ($what) {
            Agenda::CHANGE => [JobKinds::of('change'), $tank->routine_days, null, null],
            'task' => [JobKinds::of((string) $rest), $this->every($tank->id, (string) $rest), null, null],
            // A stand is cut so that it is back at its limit after so many days.
            'stand' => [JobKinds::of('stand'), Planting::BETWEEN_CUTS, $cuts?->names[(int) $rest] ?? null, (int) $rest],
            // Leaves that melt are looked after every other day for six weeks: the next time is said, the rest would fill the page.
            'melt', 'capsules' => [JobKinds::of($what), 0, $cuts?->names[(int) $rest] ?? null, (int) $rest],
            AgendaOf::DOSES => [JobKinds::of(AgendaOf::DOSES), 0, null, null],
            default => [null, 0, null, null],
        };
    }

    private function every(int $tank, string $task): int
    {
        return ($this->every[$tank][$task] ?? null)?->days() ?? $this->own->days(Task::from($task));
    }

    /** @var array<string, true> kinds of jobs that the keeper set up */
    private array $setUp = [];

    /** @return list<Foreseen> */
    private function chores(): array
    {
        $jobs = [];
        foreach (ChoresOf::query()->where('keeper_id', $this->keeper->id)->get() as $chore) {
            $this->setUp[$chore->kind] = true;
            $interval = ChoresOf::interval($chore);
            $every = WearOf::of($chore)?->lasts() ?? $interval->days();
            $due = ChoresOf::due($chore, $this->keeper->show(), $interval);
            $jobs = [...$jobs, ...$this->times(ChoresOf::KEY.$chore->id, (int) $chore->tank_id, $chore->toKind(), ChoresOf::minutes($chore), $due->from, $every, 0, $chore->name, $chore->id)];
        }

        return $jobs;
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Foreseen>
     */
    private function checks(array $ids): array
    {
        $jobs = [];
        foreach (TreatmentsOf::open($ids) as $tank => $treatments) {
            foreach ($treatments as $treatment) {
                $day = -$this->keeper->show()->daysSinceDate($treatment->check_on);
                $jobs = [...$jobs, ...$this->times('check.'.$treatment->id, $tank, JobKinds::of(JobKinds::CHECK), JobKinds::of(JobKinds::CHECK)->minutes, $day, 0, 0, $treatment->remedy->value, $treatment->inquiry_id)];
            }
        }

        return $jobs;
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Foreseen> ends of quarantines
     */
    private function arrivals(array $ids): array
    {
        $jobs = [];
        foreach (DB::table('arrivals')->whereIn('tank_id', $ids)->whereNull('ended_at')->whereNotNull('quarantine_until')->orderBy('id')->get() as $row) {
            if (is_numeric($row->id) && is_numeric($row->tank_id) && is_string($row->quarantine_until) && is_string($row->what)) {
                $day = -$this->keeper->show()->daysSince(CarbonImmutable::parse(substr($row->quarantine_until, 0, 10), $this->keeper->timezone)->setTime(12, 0));
                $jobs = [...$jobs, ...$this->times('quarantine.'.$row->id, (int) $row->tank_id, JobKinds::of('quarantine'), JobKinds::of('quarantine')->minutes, $day, 0, 0, $row->what, (int) $row->id)];
            }
        }

        return $jobs;
    }

    /** @return list<Foreseen> membranes that hold back less and less, on the day that their readings lead to */
    private function membranes(): array
    {
        $jobs = [];
        $kind = JobKinds::of('membrane');
        // A keeper who set the job up has said when.
        foreach (isset($this->setUp[$kind->key]) ? [] : $this->keeper->loadMissing('stores.rejections')->stores as $store) {
            $left = $store->membrane()?->daysLeft;
            if ($left !== null) {
                $jobs = [...$jobs, ...$this->times('store.'.$store->id, 0, $kind, $kind->minutes, (int) floor($left), 0, 0, $store->name, $store->id)];
            }
        }

        return $jobs;
    }

    /** @return list<Foreseen> pens that stray since they were set */
    private function pens(): array
    {
        $jobs = [];
        foreach ($this->keeper->kits as $kit) {
            $every = (int) ($kit->parameter->entry()->setDays ?? 0);
            if ($kit->method === Method::Pen && $kit->set_at !== null && $every > 0) {
                $kind = JobKinds::of('pen');
                $jobs = [...$jobs, ...$this->times('pen.'.$kit->parameter->value, 0, $kind, $kind->minutes, $every - $this->keeper->show()->daysSince($kit->set_at), $every, 0, $kit->parameter->label(), null)];
            }
        }

        return $jobs;
    }

    /**
     * One job as often as it comes.
     *
     * @param int $skip times that something else does it
     * @param int $band days after its middle on which its band ends
     *
     * @return list<Foreseen>
     */
    private function times(string $key, int $tank, JobKind $kind, int $minutes, int $due, int $every, int $skip, ?string $name, ?int $of, float $litres = 0.0, int $band = 0): array
    {
        $jobs = [];
        $laid = $this->laid[$key] ?? [];
        $from = 0;
        for ($n = 0; $n < self::TIMES; ++$n) {
            // What is overdue and comes again is done once; the next comes so many days after that, and after the day it was laid on.
            $day = $n === 0 ? $due : $from + $every;
            if ($day >= self::DAYS || ($n > 0 && $every <= 0)) {
                break;
            }
            $on = $n < $skip ? null : self::laidOn($laid, max(0, $day), $every);
            $from = $on ?? max(0, $day);
            if ($n < $skip) {
                continue;
            }
            $jobs[] = new Foreseen($key, $key.'@'.$n, $tank, $kind, $minutes, $day, $every, $name, $of, false, $on, $litres, $kind->daysEarly($every ?: null), max($kind->daysLate($every ?: null), $band));
        }

        return $jobs;
    }

    /**
     * The day that this time was laid on: the one that was due nearest to it, and no nearer to another time.
     *
     * @param list<array{int, int}> $laid
     */
    private static function laidOn(array $laid, int $day, int $every): ?int
    {
        $found = $nearest = null;
        foreach ($laid as [$on, $due]) {
            $off = abs($due - $day);
            if ($on >= 0 && ($every <= 0 || 2 * $off <= $every) && ($nearest === null || $off < $nearest)) {
                [$found, $nearest] = [$on, $off];
            }
        }

        return $found;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, Run> sheets that are meant for a day
     */
    private function sheets(array $ids): array
    {
        $sheets = Run::query()->open()->whereIn('tank_id', $ids)->where('state', RunState::Planned)->whereNotNull('planned_for')->with('steps')->get()->all();
        $byTank = [];
        foreach ($sheets as $sheet) {
            $byTank[$sheet->tank_id] = $sheet;
        }

        return $byTank;
    }

    /** @return list<string> keys of the work that a sheet holds */
    private static function tasksOf(Run $sheet): array
    {
        $stands = $sheet->steps->flatMap(static fn(RunStep $step): array => array_map(static fn(StandCut $cut): string => 'stand.'.$cut->stand, $step->content->stands));

        return [...self::tasks(array_values(array_map(static fn(RunStep $step): string => $step->job, $sheet->steps->all()))), ...array_values($stands->all())];
    }

    /**
     * @param list<string> $steps
     *
     * @return list<string> keys of the work that they do
     */
    private static function tasks(array $steps): array
    {
        $of = AgendaOf::taskOfStep();

        return array_values(array_unique(array_map(static fn(string $job): string => AgendaOf::TASK.($of[$job] ?? ''), $steps)));
    }

    /**
     * What a change takes at each tank: the minutes of its last sheet, without what was done beside it.
     *
     * @param list<int> $ids
     *
     * @return array<int, int> by tank
     */
    private function changeMinutes(array $ids): array
    {
        $minutes = [];
        $last = DB::table('runs')->whereIn('tank_id', $ids)->where('state', RunState::Done->value)->where('changes_water', true)->groupBy('tank_id')->selectRaw('max(id) as id')->pluck('id');
        $steps = [];
        foreach (DB::table('run_steps')->whereIn('run_id', $last)->get(['run_id', 'job']) as $step) {
            if (is_numeric($step->run_id) && is_string($step->job)) {
                $steps[(int) $step->run_id][] = $step->job;
            }
        }
        foreach (DB::table('runs')->whereIn('id', $last)->get(['id', 'tank_id', 'plan']) as $run) {
            $plan = is_string($run->plan) ? json_decode($run->plan, true) : null;
            $planned = RunPlan::read(is_array($plan) ? $plan : [])->minutes;
            if (is_numeric($run->tank_id) && is_numeric($run->id) && $planned !== null) {
                $beside = array_sum(array_map(static fn(string $key): int => $key === AgendaOf::TASK ? 0 : JobKinds::of(substr($key, strlen(AgendaOf::TASK)))->minutes, self::tasks($steps[(int) $run->id] ?? [])));
                $minutes[(int) $run->tank_id] = max(self::LEAST, $planned - $beside);
            }
        }

        return $minutes;
    }
}
