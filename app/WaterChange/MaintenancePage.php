<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Fertilising\DosesDueQuery;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\Chore;
use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\SubstrateZone;
use App\Plants\PlantGroupWords;
use App\Plants\TrimPlan;
use App\Problems\TreatmentsQuery;
use App\Tanks\ChoresQuery;
use App\Tanks\StepMinutesQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\ZoneRotationQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use App\View\Finding;
use App\View\JobWords;
use App\View\Names;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\ExposureTimes;
use Cresco\Core\Checklist\FilterStrain;
use Cresco\Core\Checklist\Lane;
use Cresco\Core\Checklist\Minutes;
use Cresco\Core\Checklist\OrderRule;
use Cresco\Core\Checklist\OrderRules;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\StepDefinition;
use Cresco\Core\Checklist\StepOrder;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Checklist\Timetable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Tank\SwimmingDepth;

/** A session being put together: what may be picked, the checklist it makes, and how long it takes. */
final class MaintenancePage
{
    public readonly Session $session;

    public readonly StepOrder $order;

    public readonly Timetable $table;

    public readonly ExposureTimes $spells;

    /** @var array<string, CarbonImmutable> when each task was last done here */
    private readonly array $last;

    /** @var list<array{key: int, name: string, picked: bool, to: string, unit: string, when: string}>|null */
    private ?array $plantGroups = null;

    /** @var list<LayoutIssue> what is off and to be restored */
    private readonly array $spots;

    /** @var list<Task> due again */
    private readonly array $due;

    /** @var array<string, list<float>> minutes that steps took here, by step */
    private readonly array $taken;

    public function __construct(
        public readonly ChangeDraft $draft,
        public readonly SessionInput $work,
        private readonly Show $show,
        public readonly ?TrimPlan $trim = null,
    ) {
        $this->session = SessionPlan::draft($draft, $work->tasks);
        $sorted = $this->session->order();
        $this->order = $work->own === [] ? $sorted : $sorted->as($work->own, $this->session);
        $this->taken = StepMinutesQuery::of([$draft->tank->id])->at($draft->tank->id);
        $own = $draft->tank->keeper->figures;
        $this->table = Timetable::of(
            $this->session->jobs($this->order),
            OrderRules::of($this->session),
            SessionPlan::minutes($draft, $this->order, $this->taken, $trim),
        );
        $this->spells = ExposureTimes::of($this->session, $this->table);
        $this->last = TasksDoneQuery::last([$draft->tank->id])[$draft->tank->id] ?? [];
        $this->spots = array_values($draft->tank->layoutIssues()->where('state', LayoutIssueState::Restore)->orderBy('id')->get()->all());
        $this->due = [
            ...array_map(static fn(LayoutIssue $spot): Task => $spot->kind->task(), $this->spots), ...TasksDoneQuery::tasksDue($draft->tank),
            ...($trim === null ? [] : self::cutting($trim)),
            ...(DosesDueQuery::of($draft->tank, $work->day ?? $show->local(CarbonImmutable::now())) === [] ? [] : [Task::Fertilise]),
            ...TreatmentsQuery::tasks($draft->tank),
        ];
    }

    /**
     * @return list<array{finding: Finding, without: list<string>, waits: list<string>}> what asks too much of the filter on one day, the
     *     tasks that stay and those that wait
     */
    public function strains(): array
    {
        $tank = $this->draft->tank;
        $isCycling = $tank->loadMissing('cycling')->cycling !== null
            || array_filter(
                $this->draft->waters->now->concerns(),
                static fn(Concern $concern): bool => in_array($concern->parameter, [Parameter::Ammonium, Parameter::Nitrite], true),
            ) !== [];
        $cleaned = $this->last[Task::Media->value] ?? null;
        $found = [];
        foreach (FilterStrain::of(
            $this->session,
            $tank->age(),
            $isCycling,
            $cleaned === null ? null : TimeDifference::days($cleaned, CarbonImmutable::now()),
        ) as $strain) {
            $found[] = [
                'finding' => new Finding(
                    Finding::HEED,
                    __('compose.strain.'.$strain->reason.'.head'),
                    __(
                        'compose.strain.'.$strain->reason.'.why',
                        ['what' => Names::list(array_map(static fn(Task $task): string => Names::inside(StepWords::task($task)), $strain->waits))],
                    ),
                ),
                'without' => self::keys(...array_filter($this->session->tasks, static fn(Task $task): bool => !in_array($task, $strain->waits, true))),
                'waits' => $strain->reason === 'young' ? self::keys(...$strain->waits) : [],
            ];
        }

        return $found;
    }

    /** @return list<string> */
    private static function keys(Task ...$tasks): array
    {
        return array_values(array_map(static fn(Task $task): string => $task->value, $tasks));
    }

    /**
     * What is asked for, with other tasks.
     *
     * @param list<string> $tasks
     *
     * @return array<string, mixed>
     */
    public function withTasks(array $tasks): array
    {
        return ['tasks' => $tasks, 'day' => $this->work->day?->format('Y-m-d'), 'dry' => $this->work->isDry ? '1' : '0'];
    }

    /**
     * These tasks without a change, the day after the one that is planned for.
     *
     * @param list<string> $tasks
     *
     * @return array<string, mixed>
     */
    public function nextDay(array $tasks): array
    {
        return ['tasks' => $tasks, 'day' => ($this->work->day ?? $this->show->local(CarbonImmutable::now()))->addDay()->format('Y-m-d'), 'dry' => '1'];
    }

    /** @return list<Task> that the plant groups which are due call for */
    private static function cutting(TrimPlan $trim): array
    {
        $found = [];
        foreach ($trim->planting->plantGroups as $plantGroup) {
            $due = $trim->planting->due($plantGroup);
            if ($due !== null && $due->due->middle() <= 0.0) {
                $found[] = $plantGroup->floats() ? Task::Floaters : Task::Trim;
            }
        }

        return $found;
    }

    /**
     * The plant groups, each with whether it is cut and to what.
     *
     * @return list<array{key: int, name: string, picked: bool, to: string, unit: string, when: string}>
     */
    public function plantGroups(): array
    {
        return $this->plantGroups ??= $this->trim === null ? [] : $this->plantGroupRows($this->trim);
    }

    /** @return list<array{key: int, name: string, picked: bool, to: string, unit: string, when: string}> */
    private function plantGroupRows(TrimPlan $trim): array
    {
        $words = new PlantGroupWords($trim->planting, $this->show, $this->draft->tank->keeper->hand);
        $rows = [];
        foreach ($trim->planting->plantGroups as $key => $plantGroup) {
            if (!$this->session->does($plantGroup->floats() ? Task::Floaters : Task::Trim)) {
                continue;
            }
            $cut = $trim->cuts[$key] ?? TrimPlan::proposed($trim->planting, $plantGroup);
            $due = $trim->planting->due($plantGroup);
            $rows[] = [
                'key' => $key, 'name' => $words->name($plantGroup), 'picked' => isset($trim->cuts[$key]), 'to' => $words
                    ->typed($cut), 'unit' => $words->unit($cut),
                'when' => $words->when($due).($due === null ? '' : ': '.$words->why($due)),
            ];
        }

        return $rows;
    }

    /**
     * Those that a task cuts.
     *
     * @return list<array{key: int, name: string, picked: bool, to: string, unit: string, when: string}>
     */
    public function plantGroupsUnder(Task $task): array
    {
        $floating = match ($task) {
            Task::Trim => false,
            Task::Floaters => true,
            default => null,
        };

        return $floating === null
            ? []
            : array_values(array_filter(
                $this->plantGroups(),
                fn(array $row): bool => $this->trim !== null && $this->trim->planting->plantGroups[$row['key']]->floats() === $floating,
            ));
    }

    /** Other jobs that are due at this tank on the day, in words; nothing where there are none. */
    public function beside(): string
    {
        $days = $this->work->day === null ? 0 : max(0, -$this->show->daysSinceDate($this->work->day));
        $due = ChoresQuery::dueAt($this->draft->tank, $this->show, $days);

        return $due === []
            ? ''
            : (string) __(
                'week.beside',
                ['jobs' => Names::list(array_map(
                    static fn(Chore $chore): string => Names::inside(JobWords::chore($chore)).', '.Show::minutes(ChoresQuery::minutes($chore)),
                    $due,
                ))],
            );
    }

    public function change(): string
    {
        $plan = $this->draft->plan;
        if (!$this->session->changesWater()) {
            return (string) __('compose.dry');
        }

        return (string) __(
            'compose.change',
            [
                'out' => $this->show->volume($plan->outflow()), 'share' => $this->show->percent($this->draft->share()),
                'mark' => $this->show->level($this->draft->mark),
            ],
        );
    }

    /**
     * Tasks to pick from, those due first.
     *
     * @return list<array{task: Task, picked: bool, last: string, due: bool, open: bool}>
     */
    public function tasks(): array
    {
        $rows = [];
        foreach (Task::cases() as $task) {
            $moment = $this->last[$task->value] ?? null;
            $rows[] = [
                'task' => $task,
                'picked' => $this->session->does($task),
                'open' => $this->session->changesWater() || !$task->needsChange(),
                'last' => implode(
                    ', ',
                    [...($moment === null ? [] : [(string) __('change.compose.last', ['day' => $this->show->day($moment)])]), ...array_map(
                        static fn(LayoutIssue $spot): string => $spot->words(),
                        array_filter($this->spots, static fn(LayoutIssue $spot): bool => $spot->kind->task() === $task),
                    )],
                ),
                'due' => in_array($task, $this->due, true),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => [$b['open'], $b['due']] <=> [$a['open'], $a['due']]);

        return $rows;
    }

    /**
     * The checklist, step by step.
     *
     * @return list<array{job: StepDefinition, from: string, minutes: string, learned: bool, water: bool, up: string|null, down: string|null}>
     */
    public function steps(): array
    {
        $rows = [];
        $keys = $this->order->keys();
        $repeats = array_count_values(array_map(static fn(array $step): string => $step['job']->key, $this->table->steps));
        foreach ($this->table->steps as $step) {
            $key = $step['job']->key;
            $at = (int) array_search($key, $keys, true);
            // A step that comes round again is moved where it stands last.
            $isLast = --$repeats[$key] === 0;
            $rows[] = [
                'job' => $step['job'],
                'from' => Show::minutes($step['from']),
                'minutes' => ($step['to'] - $step['from']).' min',
                'learned' => isset($this->taken[$key]) && $step['job']->lane === Lane::Hands,
                'water' => $step['job']->lane === Lane::Water,
                'up' => !$isLast || $at === 0 ? null : self::swapped($keys, $at, $at - 1),
                'down' => !$isLast || $at === count($keys) - 1 ? null : self::swapped($keys, $at, $at + 1),
            ];
        }

        return $rows;
    }

    /** @return list<string> reasons that the keeper's order goes against */
    public function broken(): array
    {
        $titles = [];
        foreach ($this->order->jobs as $job) {
            $titles[$job->key] = StepWords::title($job);
        }

        return array_map(
            static fn(OrderRule $rule): string => (string) __(
                'compose.before',
                ['first' => $titles[$rule->first] ?? '', 'then' => $titles[$rule->then] ?? '', 'why' => Names::inside(StepWords::because($rule))],
            ),
            $this->order->broken,
        );
    }

    /** "about 1 h 05, hands and water side by side; 1 h 22 one after the other" */
    public function time(): string
    {
        $both = Show::minutes($this->table->minutes());
        $one = Show::minutes($this->table->oneAfterTheOther());

        return (string) __($both === $one ? 'compose.about' : 'compose.side_by_side', ['both' => $both, 'one' => $one]);
    }

    /** @return list<Checklist> sheets of this tank that are written and not begun */
    public function planned(): array
    {
        return array_values($this->draft->tank->checklists()->where('state', ChecklistState::Planned)->orderBy('planned_for')->get()->all());
    }

    /** @return list<array{sign: TankSign, seen: bool}> */
    public function signs(): array
    {
        return array_map(fn(TankSign $sign): array => ['sign' => $sign, 'seen' => in_array($sign, $this->work->signs, true)], TankSign::cases());
    }

    /** What the keeper's guesses were worth at this tank so far, in words; null before there are enough. */
    public function guesses(): ?string
    {
        $times = Minutes::timesTheGuess(SessionPlan::guesses($this->draft->tank));

        return match (true) {
            $times === null => null,
            $times < 0.9 => (string) __('compose.guess.less', ['share' => $this->show->percent($times)]),
            $times <= 1.1 => (string) __('compose.guess.true'),
            default => (string) __('compose.guess.more', ['times' => Show::rounded($times, 1)]),
        };
    }

    /**
     * How long things stand out of their usual place, in words, each with whether it is too long.
     *
     * @return list<array{string, bool}>
     */
    public function spells(): array
    {
        $found = [];
        if ($this->spells->off !== null && $this->spells->off > 0) {
            $from = CarbonImmutable::now()->addMinutes((int) $this->table->endOf('off'));
            $found[] = [(string) __(
                'compose.spell.off',
                [
                    'from' => $this->show->time($from), 'until' => $this->show->time($from->addMinutes($this->spells->off)),
                    'time' => Show::minutes($this->spells->off),
                ],
            ), false];
        }
        if ($this->spells->filter !== null && $this->spells->filter > 0) {
            $found[] = [(string) __(
                $this->spells->isStale ? 'compose.spell.stale' : 'compose.spell.filter',
                ['time' => Show::minutes($this->spells->filter)],
            ), $this->spells->isStale];
        }
        if ($this->spells->low !== null && $this->draft->tank->fish_height > 0.0) {
            $found[] = [(string) __(
                'compose.spell.low',
                ['depth' => $this->show->level(SwimmingDepth::at($this->draft->plan->vessel, $this->draft->mark)), 'time' => Show::minutes($this->spells->low)],
            ), false];
        }
        if ($this->spells->plants !== null) {
            $found[] = [(string) __('compose.spell.plants', ['time' => Show::minutes($this->spells->plants)]), false];
        }

        return $found;
    }

    public function ends(): string
    {
        return $this->show->time(CarbonImmutable::now()->addMinutes($this->table->minutes()));
    }

    /** Where the drained water goes, in words; null when none is drained. */
    public function litresOut(): ?string
    {
        if (!$this->session->changesWater()) {
            return null;
        }
        $out = WaterOut::of($this->draft, $this->session);
        $parts = [];
        foreach ($out->wanted as $name => $litres) {
            if ($litres > 0.05) {
                $parts[] = (string) __('compose.out.for', ['litres' => $this->show->volume($litres), 'what' => __('water.wanted.'.$name)]);
            }
        }
        if ($out->cleaned !== []) {
            $parts[] = trans_choice(
                'compose.out.vacuum',
                count($out->cleaned),
                ['litres' => $this->show->volume($out->vacuumed), 'patches' => Names::list($this->numbers($out->cleaned))],
            );
        }
        $parts[] = (string) __(
            $this->session->needs->hasSmall() ? 'compose.out.rest_small' : 'compose.out.rest',
            ['litres' => $this->show->volume($out->rest)],
        );

        return __('compose.out.all', ['litres' => $this->show->volume($this->draft->plan->outflow()), 'parts' => implode(', ', $parts)])
            .($out->waiting === [] ? '' : ' '.trans_choice(
                'compose.out.wait',
                count($out->waiting),
                ['patches' => Names::list($this->numbers($out->waiting))],
            ));
    }

    /**
     * @param list<Zone> $zones
     *
     * @return list<string> their numbers on the plan
     */
    private function numbers(array $zones): array
    {
        $keys = array_map(static fn(Zone $zone): int => $zone->key, $zones);

        return array_map(
            strval(...),
            array_keys(array_filter(ZoneRotationQuery::numbered($this->draft->tank), static fn(SubstrateZone $zone): bool => in_array($zone->id, $keys, true))),
        );
    }

    /** @return list<string> */
    public function tools(): array
    {
        $tools = [];
        foreach ($this->order->jobs as $job) {
            $tools = [...$tools, ...$job->tools];
        }

        return StepWords::tools(array_values(array_unique($tools)));
    }

    /** @param list<string> $keys */
    private static function swapped(array $keys, int $a, int $b): string
    {
        [$keys[$a], $keys[$b]] = [$keys[$b], $keys[$a]];

        return implode(',', $keys);
    }
}
