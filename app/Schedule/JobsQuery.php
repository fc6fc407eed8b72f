<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Data\GroupTrim;
use App\Fertilising\DosesDueQuery;
use App\Fertilising\RootTabsQuery;
use App\Models\Arrival;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\Chore;
use App\Models\DosePlan;
use App\Models\FollowUp;
use App\Models\Keeper;
use App\Models\LearningReset;
use App\Models\SwitchTick;
use App\Models\Tank;
use App\Plants\MeltingQuery;
use App\Problems\TreatmentsQuery;
use App\Supplies\SuppliesQuery;
use App\Tanks\ChoresQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\ServiceLifeQuery;
use App\Tanks\StepMinutesQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\TrimDaysQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Planning\DueBand;
use Cresco\Core\Planning\Interval;
use Cresco\Core\Planning\JobKey;
use Cresco\Core\Planning\JobKind;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * All that is to be done at the tanks of a keeper and at home: what figures ask for, what a day asks for, doses, what sessions left,
 * chores, supplies and check-ups. The home page, the week, the order of tonight and the calendar read this one list.
 */
final class JobsQuery
{
    /** Days that are foreseen. */
    public const DAYS = 28;

    /** Times that a job is foreseen at most. House limit. */
    private const TIMES = 14;

    /** Minutes that a change takes at least. House default. */
    private const LEAST = 15;

    /** Hours after a change from which results tell: the filter has turned all of it over by then. House default. */
    public const NEXT_DAY_FROM = 12.0;

    /** Hours after a change until which they tell most of it: later, what the tank makes covers what the change did. House default. */
    public const NEXT_DAY_UNTIL = 48.0;

    /** Work that the forecast of drawn plants calls for. */
    private const BY_FORECAST = [Task::Trim->value, Task::Floaters->value];

    private readonly Show $show;

    /** @var list<UpcomingJob>|null */
    private ?array $all = null;

    /** @var array<int, TankWaterQuery>|null */
    private ?array $waters = null;

    /** @var array<int, list<Checklist>>|null */
    private ?array $checklists = null;

    /** @var array<int, array<string, Interval>>|null how often work comes again, by tank and task */
    private ?array $every = null;

    /** @var Collection<int, Chore>|null */
    private ?Collection $chores = null;

    /** @var array<int, int> last day of each dose, counted from today */
    private array $doseEnds = [];

    /** @var array<string, list<array{int, int}>>|null by job, counted from today: the day that the keeper laid it on, and the day that it was due */
    private ?array $laid = null;

    /** @param array<int, Tank> $tanks by id */
    private function __construct(public readonly Keeper $keeper, public readonly array $tanks)
    {
        $this->show = $keeper->show();
    }

    /** @param Tank|null $only where the jobs of one tank are enough */
    public static function of(Keeper $keeper, ?Tank $only = null): self
    {
        $tanks = [];
        foreach ($keeper->tanks()->when(
            $only !== null,
            static fn(Builder $tanks) => $tanks->whereKey($only?->id),
        )->with(['devices', 'cycling'])->withCount([
            'plantGroups', 'problems as open_inquiries' => static fn(Builder $problems) => $problems->whereNull('ended_at'),
        ])->orderBy('name')->get() as $tank) {
            $tanks[$tank->id] = $tank->setRelation('keeper', $keeper);
        }

        return new self($keeper, $tanks);
    }

    /** @return array<int, TankWaterQuery> by tank */
    public function waters(): array
    {
        return $this->waters ??= TankWaterQuery::now($this->tanks);
    }

    /** @return list<Checklist> that are not closed at a tank: the one under way first */
    public function checklists(int $tank): array
    {
        if ($this->checklists === null) {
            $this->checklists = [];
            foreach (Checklist::query()->open()->whereIn('tank_id', array_keys($this->tanks))->with(['switches', 'steps'])->get() as $checklist) {
                $this->checklists[$checklist->tank_id][] = $checklist;
            }
        }

        return $this->checklists[$tank] ?? [];
    }

    /** The checklist of a tank that is written for a day. */
    public function planned(int $tank): ?Checklist
    {
        foreach ($this->checklists($tank) as $checklist) {
            if ($checklist->state === ChecklistState::Planned && $checklist->planned_for !== null) {
                return $checklist;
            }
        }

        return null;
    }

    /** @return list<UpcomingJob> the next time of each, most urgent first */
    public function all(): array
    {
        return $this->all ??= UpcomingJob::inOrder($this->found());
    }

    /** @return list<UpcomingJob> of one tank, most urgent first; 0 for the household */
    public function at(int $tank): array
    {
        return array_values(array_filter($this->all(), static fn(UpcomingJob $job): bool => $job->tank() === $tank));
    }

    /**
     * @return list<UpcomingJob> each as often as it comes within the days that are foreseen; what the water asks for and what is to be
     *     bought is for no day of the keeper's choice
     */
    public function ahead(): array
    {
        $taken = StepMinutesQuery::of(array_keys($this->tanks), LearningReset::ofTanks(array_keys($this->tanks)));
        $changes = $this->changeMinutes();
        $times = [];
        foreach ($this->all() as $job) {
            $minutes = match (true) {
                $job->key->type === JobType::Change => max(
                    $job->kind->key === JobKinds::WAY_BACK ? $job->kind->minutes : 0,
                    $changes[$job->tank()] ?? JobKinds::of('change')->minutes,
                ),
                in_array($job->key->type, [JobType::Task, JobType::Trim], true) => $taken->ofKind($job->kind, $job->tank(), $this->keeper->figures),
                default => $job->minutes,
            };
            $times = [...$times, ...match ($job->key->type) {
                JobType::Concern, JobType::Arrival, JobType::Supply => [],
                JobType::Checklist => $job->isSet ? [$job] : [],
                JobType::FollowUp, JobType::NextDay => [$job],
                JobType::Change => $this->changes($job->taking($minutes)),
                default => $this->times($job->taking($minutes)),
            }];
        }

        return $times;
    }

    /** @return list<UpcomingJob> */
    private function found(): array
    {
        $cuts = array_filter(array_map(PlantModelQuery::coming(...), $this->tanks));
        $last = TasksDoneQuery::last(array_keys($this->tanks));
        $jobs = [
            ...$this->concerns(), ...$this->arrivals(), ...$this->followUps(), ...$this->nextDays(), ...$this->checkUps(), ...$this->doses(),
            ...$this->rootTabs(), ...$this->chores(), ...$this->meters(), ...$this->membranes(), ...$this->supplies(),
        ];
        foreach ($this->tanks as $id => $tank) {
            $jobs = [...$jobs, ...array_map($this->checklist(...), $this->checklists($id)), ...$this->routine($tank, $last[$id] ?? [], $cuts[$id] ?? null)];
        }

        return [...$jobs, ...MeltingQuery::tanks(array_keys($this->tanks), $this->show)];
    }

    /**
     * Change, work that comes again and trims of one tank, but for what a checklist that is written holds, and what the way back brings step by step.
     *
     * @param array<string, CarbonImmutable> $last
     *
     * @return list<UpcomingJob>
     */
    private function routine(Tank $tank, array $last, ?TrimDaysQuery $cuts): array
    {
        $change = $this->change($tank);
        $jobs = $change === null ? [] : [$change];
        foreach (TasksDoneQuery::due($tank, $last, $this->every()[$tank->id] ?? []) as $task => $due) {
            // Where plants are drawn, their forecast says when they are cut, and not the weeks since.
            if ($cuts === null || !in_array($task, self::BY_FORECAST, true)) {
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Task, $tank->id, $task),
                    $due,
                    self::soon($due),
                    JobKinds::of($task),
                    every: TasksDoneQuery::every($task, $this->every()[$tank->id] ?? [], $this->keeper->figures),
                );
            }
        }
        foreach ($cuts->dues ?? [] as $plantGroup => $due) {
            // A group is cut so that it is back at its limit after so many days.
            $jobs[] = new UpcomingJob(
                new JobKey(JobType::Trim, $tank->id, (string) $plantGroup),
                $due,
                $due->middle() <= 0.0 ? Urgency::Due : Urgency::Ahead,
                JobKinds::of('stand'),
                every: PlantModel::BETWEEN_CUTS,
                name: $cuts->names[$plantGroup] ?? null,
                of: $plantGroup,
            );
        }
        if ($tank->doses_look_on !== null) {
            $due = DueBand::on(-$this->show->daysSinceDate($tank->doses_look_on));
            $jobs[] = new UpcomingJob(new JobKey(JobType::DoseLook, $tank->id), $due, self::soon($due), JobKinds::of('dose_look'));
        }
        $planned = $this->planned($tank->id);
        $held = $planned === null ? [] : self::heldBy($planned);
        $isLedBack = $change?->kind->key === JobKinds::WAY_BACK;
        $left = [];
        foreach ($jobs as $job) {
            $isHeld = ($planned?->changes_water === true && $job->key->type === JobType::Change)
                || in_array((string) $job->key, $held, true)
                || ($isLedBack && $job->day() <= 0 && self::isOnTheWay($job->key));
            if (!$isHeld) {
                $left[] = $job;
            } elseif ($job->every > 0) {
                $left[] = $job->again(1, max(0, $job->day()) + $job->every, null);
            }
        }

        return $left;
    }

    private function change(Tank $tank): ?UpcomingJob
    {
        $changed = $this->waters()[$tank->id]->change?->changed_at;
        if ($changed === null && $tank->cycling !== null) {
            // A tank that is cycling is changed as its course says.
            return null;
        }
        $due = self::changeDue($tank, $changed, $this->show) ?? self::firstChange($tank, $this->show);
        // Not one that was never changed, of which nobody knows how it was kept.
        $isNeglected = $changed !== null
            && $due->over() > 0
            && CatchUp::isNeglected($tank->routine_days + $due->over(), $tank->routine_days)
            && $this->planned($tank->id)?->changes_water !== true;
        $urgency = match (true) {
            $changed === null => $this->waters()[$tank->id]->newest() === null ? Urgency::First : Urgency::Due,
            $due->over() > 0 => Urgency::Late,
            default => self::soon($due),
        };

        // Of the first step of a way back nobody knows yet what water it takes.
        return $isNeglected
            ? new UpcomingJob(new JobKey(JobType::Change, $tank->id), $due, $urgency, JobKinds::of(JobKinds::WAY_BACK), every: $tank->routine_days)
            : $this->plainChange($tank, $due, $urgency);
    }

    /** When the routine of a tank asks for the next change; null before the first. */
    public static function changeDue(Tank $tank, ?CarbonImmutable $changed, Show $show): ?DueBand
    {
        return $changed === null ? null : DueBand::again($tank->routine_days, $show->daysSince($changed));
    }

    /**
     * The first change that is written down: within the days of the routine from the one on which the tank was entered, since nobody knows
     * when its water was changed before.
     */
    private static function firstChange(Tank $tank, Show $show): DueBand
    {
        return DueBand::again($tank->routine_days, $tank->created_at === null ? 0 : $show->daysSince($tank->created_at));
    }

    /** Whether the way back has it in one of its steps: substrate, filter media and trims, never all on one day. */
    private static function isOnTheWay(JobKey $key): bool
    {
        return $key->type === JobType::Trim || ($key->type === JobType::Task && in_array($key->of, [Task::Vacuum->value, Task::Media->value], true));
    }

    private static function soon(DueBand $due): Urgency
    {
        return $due->isNow() ? Urgency::Due : Urgency::Ahead;
    }

    /** @return list<UpcomingJob> what the water of tanks asks for; it lies on today, and nobody lays it elsewhere */
    private function concerns(): array
    {
        $jobs = [];
        foreach ($this->waters() as $id => $water) {
            foreach ($water->asks() as $n => $concern) {
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Concern, $id, $concern->key.'.'.$n),
                    DueBand::on(0),
                    $concern->urgency,
                    JobKinds::of('concern'),
                    isSet: true,
                    concern: $concern,
                );
            }
        }

        return $jobs;
    }

    private function checklist(Checklist $checklist): UpcomingJob
    {
        $key = new JobKey(JobType::Checklist, $checklist->tank_id, (string) $checklist->id);
        $day = $checklist->state === ChecklistState::Planned && $checklist->planned_for !== null ? -$this->show->daysSinceDate($checklist->planned_for) : null;
        $litres = $checklist->changes_water
            ? ($checklist->plan->refill > 0.0
                ? $checklist->plan->refill
                : $this->tanks[$checklist->tank_id]->routine_share * VesselQuery::tank($this->tanks[$checklist->tank_id])->litres())
            : 0.0;
        $urgency = match (true) {
            $checklist->switches->contains(static fn(SwitchTick $tick): bool => $tick->isOpen()) => Urgency::Waiting,
            $day === null || $day === 0 => Urgency::UnderWay,
            $day < 0 => Urgency::Late,
            default => Urgency::Ahead,
        };

        return new UpcomingJob(
            $key,
            DueBand::on($day ?? 0),
            $urgency,
            JobKinds::of('sheet'),
            minutes: max(5, $checklist->plannedMinutes()),
            of: $checklist->id,
            isSet: $day !== null,
            litres: $litres,
        );
    }

    /** @return list<string> keys of the work that a checklist holds */
    private static function heldBy(Checklist $checklist): array
    {
        $held = array_map(
            static fn(string $task): string => (string) new JobKey(JobType::Task, $checklist->tank_id, $task),
            self::tasksOf(array_values(array_map(static fn(ChecklistStep $step): string => $step->job, $checklist->steps->all()))),
        );
        foreach ($checklist->steps as $step) {
            $held = [...$held, ...array_map(
                static fn(GroupTrim $cut): string => (string) new JobKey(JobType::Trim, $checklist->tank_id, (string) $cut->plantGroup),
                $step->content->plantGroups,
            )];
        }

        return $held;
    }

    /**
     * @param list<string> $steps
     *
     * @return list<string> tasks that they do
     */
    private static function tasksOf(array $steps): array
    {
        $of = TasksDoneQuery::taskOfStep();

        return array_values(array_unique(array_filter(array_map(static fn(string $step): string => $of[$step] ?? '', $steps))));
    }

    /** @return list<UpcomingJob> bags that wait, and ends of quarantines */
    private function arrivals(): array
    {
        $jobs = [];
        foreach (Arrival::query()->whereIn('tank_id', array_keys($this->tanks))->whereNull('ended_at')->orderBy('id')->get() as $arrival) {
            if ($arrival->step !== null) {
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Arrival, $arrival->tank_id, (string) $arrival->id),
                    DueBand::on(0),
                    Urgency::Waiting,
                    JobKinds::of('arrival'),
                    name: $arrival->what,
                    of: $arrival->id,
                    isSet: true,
                );
            }
            if ($arrival->quarantine_until !== null) {
                $due = DueBand::on(-$this->show->daysSinceDate($arrival->quarantine_until));
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Quarantine, $arrival->tank_id, (string) $arrival->id),
                    $due,
                    self::soon($due),
                    JobKinds::of('quarantine'),
                    name: $arrival->what,
                    of: $arrival->id,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> results after a change that were not taken yet and still tell */
    private function nextDays(): array
    {
        $now = CarbonImmutable::now();
        $open = [];
        foreach ($this->waters() as $id => $water) {
            $at = $water->change?->changed_at;
            if ($at !== null && $at->addHours((int) self::NEXT_DAY_UNTIL)->greaterThanOrEqualTo($now)) {
                $open[$id] = $at;
            }
        }
        $read = $open === [] ? [] : DB::table('readings')->whereIn('tank_id', array_keys($open))->whereIn('parameter', Parameter::ofAnimals())
            ->where('taken_at', '>', min($open)->addHours((int) self::NEXT_DAY_FROM))->groupBy('tank_id')->selectRaw('tank_id, max(taken_at) as at')
            ->pluck('at', 'tank_id')->all();
        $jobs = [];
        foreach ($open as $id => $at) {
            $from = $at->addHours((int) self::NEXT_DAY_FROM);
            if (!is_string($read[$id] ?? null) || CarbonImmutable::parse($read[$id], 'UTC')->lessThanOrEqualTo($from)) {
                $jobs[] = $this->byHour(
                    new JobKey(JobType::NextDay, $id),
                    $from,
                    $at->addHours((int) self::NEXT_DAY_UNTIL),
                    JobKinds::of('next_day'),
                    Urgency::Check,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> small jobs that sessions left for later and that still say something, the newest first */
    private function followUps(): array
    {
        $jobs = [];
        $rows = FollowUp::query()->open()->join('checklists', 'checklists.id', '=', 'follow_ups.checklist_id')
            ->whereIn('checklists.tank_id', array_keys($this->tanks))->orderByDesc('due_from')->get(['follow_ups.*', 'checklists.tank_id']);
        foreach ($rows as $after) {
            $tank = $after->getAttribute('tank_id');
            if (is_numeric($tank)) {
                $jobs[] = $this->byHour(
                    new JobKey(JobType::FollowUp, (int) $tank, $after->checklist_id.'.'.$after->job->value),
                    $after->due_from,
                    $after->due_until,
                    JobKinds::of('after'),
                    $after->job === FollowUpKind::Conditioner ? Urgency::Alarm : Urgency::Check,
                    $after->job->value,
                    $after->checklist_id,
                );
            }
        }

        return $jobs;
    }

    /** What goes by the hour, and so has its day. */
    private function byHour(
        JobKey $key,
        CarbonImmutable $from,
        CarbonImmutable $until,
        JobKind $kind,
        Urgency $urgency,
        ?string $name = null,
        ?int $of = null,
    ): UpcomingJob {
        $day = max(0, -$this->show->daysSince($from));
        $due = new DueBand($day, max($day, -$this->show->daysSince($until)), 24.0 * TimeDifference::days(CarbonImmutable::now(), $from));

        return new UpcomingJob($key, $due, $due->isNow() ? $urgency : Urgency::Ahead, $kind, name: $name, of: $of, isSet: true);
    }

    /** @return list<UpcomingJob> */
    private function rootTabs(): array
    {
        $jobs = [];
        foreach (RootTabsQuery::due($this->tanks, $this->show) as $tank => $dues) {
            foreach ($dues as $plantGroup => [$due, $name]) {
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::RootTabs, $tank, (string) $plantGroup),
                    $due,
                    self::soon($due),
                    JobKinds::of('capsules'),
                    name: $name,
                    of: $plantGroup,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> looks whether treatments helped */
    private function checkUps(): array
    {
        $jobs = [];
        $asked = array_keys(array_filter($this->tanks, static fn(Tank $tank): bool => $tank->getAttribute('open_inquiries') > 0));
        foreach ($asked === [] ? [] : TreatmentsQuery::open($asked) as $tank => $treatments) {
            foreach ($treatments as $treatment) {
                $due = DueBand::on(-$this->show->daysSinceDate($treatment->check_on));
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::CheckUp, $tank, (string) $treatment->id),
                    $due,
                    self::soon($due),
                    JobKinds::of(JobKinds::CHECK),
                    name: $treatment->remedy->value,
                    of: $treatment->problem_id,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> doses by hand; of today those of which nobody has said yet whether they were given */
    private function doses(): array
    {
        $jobs = [];
        $today = $this->show->local(CarbonImmutable::now());
        $open = array_merge(
            [],
            ...array_map(
                static fn(array $plans): array => array_map(static fn(DosePlan $plan): int => $plan->id, $plans),
                DosesDueQuery::ofMany(array_keys($this->tanks), $today),
            ),
        );
        foreach (DosePlan::query()->whereIn('tank_id', array_keys($this->tanks))->where('by_doser', false)->with('product')->orderBy('tank_id')
            ->orderBy('id')->get() as $plan) {
            $next = $plan->next($today);
            $day = $next === 0 && !in_array($plan->id, $open, true) ? max(1, $plan->every) : $next;
            $this->doseEnds[$plan->id] = $plan->endsIn($today) ?? self::DAYS;
            if ($day !== null && $day <= $this->doseEnds[$plan->id]) {
                $due = DueBand::on($day);
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Dose, $plan->tank_id, (string) $plan->id),
                    $due,
                    self::soon($due),
                    JobKinds::of('fertilise'),
                    every: max(1, $plan->every),
                    name: $plan->product->name,
                    of: $plan->product_id,
                    isSet: true,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> jobs that the keeper set up */
    private function chores(): array
    {
        $jobs = [];
        $this->chores = ChoresQuery::of($this->keeper);
        foreach ($this->chores as $chore) {
            $interval = ChoresQuery::interval($chore);
            $due = ChoresQuery::due($chore, $this->show, $interval);
            $jobs[] = new UpcomingJob(
                new JobKey(JobType::Chore, (int) $chore->tank_id, (string) $chore->id),
                $due,
                self::soon($due),
                $chore->toKind(),
                minutes: ChoresQuery::minutes($chore),
                every: ServiceLifeQuery::of($chore)?->lasts() ?? $interval->days(),
                name: $chore->name,
                of: $chore->id,
            );
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> membranes that hold back less and less, on the day that their readings lead to */
    private function membranes(): array
    {
        $jobs = [];
        // A keeper who set the job up has said when.
        foreach ($this->chores?->contains('kind', 'membrane') === true ? [] : $this->keeper->loadMissing('reservoirs.rejections')->reservoirs as $reservoir) {
            $left = $reservoir->membrane()?->daysLeft;
            if ($left !== null) {
                $due = DueBand::on((int) floor($left));
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Membrane, 0, (string) $reservoir->id),
                    $due,
                    self::soon($due),
                    JobKinds::of('membrane'),
                    name: $reservoir->name,
                    of: $reservoir->id,
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> meters that stray since they were calibrated */
    private function meters(): array
    {
        $jobs = [];
        foreach ($this->keeper->kits as $kit) {
            $every = (int) ($kit->parameter->entry()->setDays ?? 0);
            if ($kit->method === ReadingMethod::Pen && $kit->set_at !== null && $every > 0) {
                $due = DueBand::again($every, $this->show->daysSince($kit->set_at));
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Meter, 0, $kit->parameter->value),
                    $due,
                    self::soon($due),
                    JobKinds::of('pen'),
                    every: $every,
                    name: label($kit->parameter),
                );
            }
        }

        return $jobs;
    }

    /** @return list<UpcomingJob> what is to be bought or made */
    private function supplies(): array
    {
        $jobs = [];
        foreach (SuppliesQuery::of($this->keeper) as $one) {
            $in = min($one['stock']->orderIn() ?? PHP_INT_MAX, $one['expires'] === null ? PHP_INT_MAX : $one['expires'] - $one['stock']->lead);
            if ($in < self::DAYS) {
                $due = DueBand::on($in);
                $jobs[] = new UpcomingJob(
                    new JobKey(JobType::Supply, 0, ($one['jar'] === null ? 's' : 'j').($one['jar'] ?? $one['supply']?->id)),
                    $due,
                    self::soon($due),
                    JobKinds::of('supply'),
                    name: $one['name'],
                    of: $one['jar'] ?? $one['supply']?->id,
                    isSet: true,
                );
            }
        }

        return $jobs;
    }

    /** @return array<int, array<string, Interval>> by tank and task */
    private function every(): array
    {
        return $this->every ??= TasksDoneQuery::intervals(array_keys($this->tanks), $this->keeper->figures);
    }

    /** @return list<UpcomingJob> changes as often as they come; after the first step of a way back they are changes again */
    private function changes(UpcomingJob $job): array
    {
        $times = $this->times($job);
        $tank = $this->tanks[$job->tank()];

        return $job->kind->key !== JobKinds::WAY_BACK
            ? $times
            : [...array_slice($times, 0, 1), ...array_map(
                fn(UpcomingJob $later): UpcomingJob => $this->plainChange($tank, $later->due, Urgency::Ahead, $later->time, $later->laid),
                array_slice($times, 1),
            )];
    }

    private function plainChange(Tank $tank, DueBand $due, Urgency $urgency, int $time = 0, ?int $laid = null): UpcomingJob
    {
        return new UpcomingJob(
            new JobKey(JobType::Change, $tank->id),
            $due,
            $urgency,
            JobKinds::of('change'),
            $time,
            every: $tank->routine_days,
            laid: $laid,
            litres: $tank->routine_share * VesselQuery::tank($tank)->litres(),
        );
    }

    /**
     * One job as often as it comes.
     *
     * @return list<UpcomingJob>
     */
    private function times(UpcomingJob $job): array
    {
        $times = [];
        $laid = $this->laid()[(string) $job->key] ?? [];
        $isDose = $job->key->type === JobType::Dose;
        $ends = $this->doseEnds[$job->key->record()] ?? self::DAYS;
        $from = 0;
        for ($n = 0; $n < ($isDose ? self::DAYS : self::TIMES); ++$n) {
            // What is overdue and comes again is done once; the next comes so many days after that, and after the day it was laid on.
            $day = $n === 0 ? $job->day() : $from + $job->every;
            if ($day >= self::DAYS || ($isDose && $day > $ends) || ($n > 0 && $job->every <= 0)) {
                break;
            }
            $on = $job->isSet ? null : self::laidOn($laid, max(0, $day), $job->every);
            $from = $on ?? max(0, $day);
            $times[] = $n === 0 ? $job->laidOn($on) : $job->again($job->time + $n, $day, $on);
        }

        return $times;
    }

    /** @return array<string, list<array{int, int}>> */
    private function laid(): array
    {
        if ($this->laid === null) {
            $this->laid = [];
            foreach ($this->keeper->pinnedJobs()->get() as $laid) {
                $this->laid[$laid->job][] = [-$this->show->daysSinceDate($laid->day), -$this->show->daysSinceDate($laid->due_on ?? $laid->day)];
            }
        }

        return $this->laid;
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

    /** @return array<int, int> minutes of the last change of each tank by its checklist, without what was done beside it */
    private function changeMinutes(): array
    {
        $minutes = [];
        $last = DB::table('checklists')->whereIn('tank_id', array_keys($this->tanks))->where('state', ChecklistState::Done->value)
            ->where('changes_water', true)->groupBy('tank_id')->selectRaw('max(id) as id')->pluck('id');
        foreach (Checklist::query()->whereIn('id', $last)->with('steps')->get() as $checklist) {
            $planned = $checklist->plan->minutes;
            if ($planned !== null) {
                $beside = array_sum(array_map(
                    static fn(string $task): int => JobKinds::of($task)->minutes,
                    self::tasksOf(array_values(array_map(static fn(ChecklistStep $step): string => $step->job, $checklist->steps->all()))),
                ));
                $minutes[$checklist->tank_id] = max(self::LEAST, $planned - $beside);
            }
        }

        return $minutes;
    }
}
