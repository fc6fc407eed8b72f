<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\DosePlan;
use App\Models\SwitchTick;
use App\Models\Tank;
use App\Models\Treatment;
use App\Plants\PlantGroupWords;
use App\Problems\ProblemWords;
use App\Tanks\ConcernLine;
use App\Tanks\TankWaterQuery;
use App\Units\Show;
use App\View\JobWords;
use App\View\Names;
use App\WaterChange\DechlorinatorDose;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\JobKinds;
use Cresco\Core\Planning\JobType;
use Cresco\Core\Planning\UpcomingJob;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantModel;

/** What is to be done at one tank now, in words: a line for each type of job, the most urgent first. */
final class TankTasks
{
    /** Work that comes again, for one session. House default. */
    private const AT_ONCE = 3;

    private readonly Tank $tank;

    private readonly Show $show;

    private readonly string $base;

    /** @var array<string, non-empty-list<UpcomingJob>> by type, those that are to be done now */
    private array $now = [];

    /** @var list<Concern> that are worth knowing and no more */
    private array $notes = [];

    private ?UpcomingJob $change = null;

    private ?UpcomingJob $later = null;

    public function __construct(private readonly JobsQuery $jobs, private readonly TankWaterQuery $water, private readonly ?PlantModel $planting)
    {
        $this->tank = $water->tank;
        $this->show = $jobs->keeper->show();
        $this->base = '/tanks/'.$this->tank->id;
        foreach ($jobs->at($this->tank->id) as $job) {
            $type = $job->key->type;
            $this->change = $type === JobType::Change ? $job : $this->change;
            $this->later ??= $type === JobType::Checklist && $job->urgency === Urgency::Ahead ? $job : null;
            if ($job->concern !== null && $job->urgency === Urgency::Note) {
                $this->notes[] = $job->concern;
            } elseif ($job->urgency->isNow() && ($type !== JobType::Task || self::isDry(Task::from($job->key->of)))) {
                $this->now[$type->value][] = $job;
            }
        }
    }

    /** Whether work brings a keeper to the tank without a change. */
    private static function isDry(Task $task): bool
    {
        return !$task->needsChange() && $task->isWet();
    }

    /** @return non-empty-list<JobLine> most urgent first; one that says so where nothing is to be done */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->now as $jobs) {
            foreach ($jobs[0]->concern === null && $jobs[0]->key->type !== JobType::FollowUp ? [$jobs] : array_map(
                static fn(UpcomingJob $job): array => [$job],
                $jobs,
            ) as $some) {
                $lines[] = $this->line($some);
            }
        }
        usort($lines, static fn(JobLine $a, JobLine $b): int => $a->urgency->value <=> $b->urgency->value);

        return $lines === [] ? [$this->later === null ? $this->calm() : $this->line([$this->later])] : $lines;
    }

    private function calm(): JobLine
    {
        $note = $this->notes === [] ? null : ConcernLine::of($this->notes[0], $this->water, $this->show);

        return new JobLine(
            null,
            Urgency::Ahead,
            (string) __('round.nothing'),
            $note === null ? $this->rhythm().'.' : $this->rhythm().'. '.$note->head.': '.lcfirst($note->why),
            (string) __('round.act.read'),
            $this->base.'/test',
        );
    }

    /** When the next change of the routine falls due. */
    private function rhythm(): string
    {
        return ucfirst(TankTabs::due($this->water->change === null ? null : $this->change?->due));
    }

    /** @param non-empty-list<UpcomingJob> $jobs of one type */
    private function line(array $jobs): JobLine
    {
        $first = $jobs[0];
        [$type, $count] = [$first->key->type, count($jobs)];
        $line = fn(string $head, string $why, string $act, string $url, array $tasks = []): JobLine => new JobLine(
            $type,
            $first->urgency,
            $head,
            $why,
            $act,
            $url,
            array_values(array_filter($tasks, static fn(mixed $task): bool => $task instanceof Task)),
        );

        return match ($type) {
            JobType::Concern => $this->concern($first),
            JobType::FollowUp => $this->followUp($first),
            JobType::Arrival => $line(
                (string) __('animals.course.round'),
                $first->name.'.',
                (string) __('round.act.go_on'),
                $this->base.'/new-arrivals/'.$first->of,
            ),
            JobType::Checklist => $this->checklist($first),
            JobType::NextDay => $line(
                (string) __('round.again.head'),
                (string) __('round.again.why', ['day' => $this->water->change === null ? '' : $this->show->day($this->water->change->changed_at)]),
                (string) __('round.act.read'),
                $this->base.'/test',
            ),
            JobType::Change => $this->changeLine($first),
            JobType::CheckUp => $this->checkUp($first, $count),
            JobType::Trim => $line(
                $this->trimWords(),
                $this->trimmed($count).$this->rhythm().'.',
                (string) __('round.act.session'),
                $this->session(),
                $this->tasks(),
            ),
            JobType::Melt => $line(
                trans_choice('plants.melt.round', $count, ['count' => $count]),
                $this->rhythm().'.',
                __('plants.melt.act'),
                $this->base.'/plants',
            ),
            JobType::DoseLook => $line((string) __('food.look.round'), (string) __('food.look.ask'), (string) __('food.look.act'), $this->base.'/fertilising'),
            JobType::Task => $line(
                (string) __(
                    'round.due',
                    ['jobs' => Names::list(array_map(
                        static fn(Task $task): string => mb_strtolower(StepWords::task($task)),
                        array_slice(self::tasksOf($jobs), 0, self::AT_ONCE),
                    ))],
                ),
                $this->rhythm().'.',
                (string) __('round.act.session'),
                $this->session(),
                $this->tasks(),
            ),
            JobType::Dose => $line(
                trans_choice('food.round', $count, ['doses' => implode(', ', $this->doses($jobs))]),
                $this->rhythm().'.',
                __('food.act'),
                $this->base.'/fertilising',
            ),
            JobType::RootTabs => $line(
                trans_choice('food.capsules.round', $count, ['count' => $count]),
                $this->rhythm().'.',
                __('food.act'),
                $this->base.'/fertilising',
            ),
            JobType::Quarantine => $line(
                JobWords::job($first, $this->show),
                $this->rhythm().'.',
                (string) __('round.act.go_on'),
                $this->base.'/new-arrivals/'.$first->of,
            ),
            default => $line(
                (string) __(
                    'week.round',
                    ['jobs' => Names::list(array_map(fn(UpcomingJob $job): string => Names::inside(JobWords::job($job, $this->show)), $jobs))],
                ),
                $this->rhythm().'.',
                (string) __('week.act'),
                '/week',
            ),
        };
    }

    private function concern(UpcomingJob $job): JobLine
    {
        $line = ConcernLine::of($job->concern ?? throw new \LogicException('No concern.'), $this->water, $this->show);
        $running = $this->running();
        [$act, $url] = match (true) {
            $line->isAlarm() && $running !== null => [__('round.act.go_on'), '/checklists/'.$running->id],
            $line->isAlarm() => [__('round.act.how_much'), $this->base.'/water-change'],
            $this->isLedBack() => [__('catch_up.act'), $this->base.'/catch-up'],
            default => [__('round.act.plan'), $this->base.'/water-change'],
        };

        return new JobLine(
            JobType::Concern,
            $job->urgency,
            $line->head,
            $job->urgency === Urgency::Next && $this->water->change !== null ? $line->why.' '.$this->rhythm().'.' : $line->why,
            (string) $act,
            $url,
            acts: $line->acts,
        );
    }

    private function running(): ?Checklist
    {
        foreach ($this->jobs->checklists($this->tank->id) as $checklist) {
            if ($checklist->state === ChecklistState::Running) {
                return $checklist;
            }
        }

        return null;
    }

    private function isLedBack(): bool
    {
        return $this->change?->kind->key === JobKinds::WAY_BACK;
    }

    private function followUp(UpcomingJob $job): JobLine
    {
        $after = FollowUpKind::from((string) $job->name);
        $url = '/checklists/'.$job->of.'/after/'.$after->value;
        if ($after === FollowUpKind::Conditioner) {
            return new JobLine(
                JobType::FollowUp,
                $job->urgency,
                StepWords::after($after),
                (string) __('round.conditioner', ['dose' => (string) DechlorinatorDose::ofTank($this->tank)]),
                (string) __('round.act.conditioner'),
                $url,
            );
        }
        $ended = CarbonImmutable::now()->addMinutes((int) round(60.0 * (($job->due->hours ?? 0.0) - $after->fromHours())));

        return new JobLine(
            JobType::FollowUp,
            $job->urgency,
            StepWords::after($after),
            (string) __('round.after', ['day' => $this->show->day($ended), 'what' => StepWords::afterLines($after)[0] ?? '']),
            (string) __('round.act.look_in'),
            $url,
        );
    }

    /** A checklist that is under way, waits to be begun, or is meant for a day. */
    private function checklist(UpcomingJob $job): JobLine
    {
        $checklist = array_values(array_filter(
            $this->jobs->checklists($this->tank->id),
            static fn(Checklist $checklist): bool => $checklist->id === $job->of,
        ))[0];
        $url = '/checklists/'.$checklist->id;
        $step = $checklist->progress();
        $off = $checklist->switches->filter(static fn(SwitchTick $tick): bool => $tick->isOpen());
        if ($off->isNotEmpty()) {
            return new JobLine(
                JobType::Checklist,
                $job->urgency,
                (string) __('round.off', ['devices' => $off->map(static fn(SwitchTick $tick): string => word($tick->device))->implode(', ')]),
                (string) __('round.open_at', ['step' => $step]),
                (string) __('round.act.go_on'),
                $url,
            );
        }
        if (!$job->isSet) {
            return new JobLine(
                JobType::Checklist,
                $job->urgency,
                (string) __('round.open'),
                (string) __('round.open_why', ['step' => ucfirst($step)]),
                (string) __($checklist->state === ChecklistState::Planned ? 'round.act.begin' : 'round.act.go_on'),
                $url,
            );
        }
        $days = $job->day();
        $head = $days < -1 ? trans_choice('round.planned.ago', -$days, ['count' => -$days])
            : trans_choice(
                'round.planned.in',
                $days,
                ['day' => $this->show->local(CarbonImmutable::now())->addDays($days)->translatedFormat('l'), 'count' => $days],
            );

        return new JobLine(
            JobType::Checklist,
            $job->urgency,
            $head,
            (string) __('round.planned.why'),
            (string) __($days > 0 ? 'round.act.look_over' : 'round.act.begin'),
            $url,
        );
    }

    private function changeLine(UpcomingJob $job): JobLine
    {
        $next = $this->now[JobType::Concern->value] ?? [];
        $next = array_values(array_filter($next, static fn(UpcomingJob $one): bool => $one->urgency === Urgency::Next))[0] ?? null;
        $asked = $next?->concern === null ? null : ConcernLine::of($next->concern, $this->water, $this->show);
        [$plan, $url] = [(string) __('round.act.plan'), $this->base.'/water-change'];

        return match (true) {
            $job->urgency === Urgency::First => new JobLine(
                JobType::Change,
                $job->urgency,
                (string) __('round.unread.head'),
                (string) __('round.unread.why'),
                (string) __('round.act.read'),
                $this->base.'/test',
            ),
            $this->water->change === null => new JobLine(
                JobType::Change,
                $job->urgency,
                $asked->head ?? (string) __('round.first.head'),
                $asked->why ?? (string) __('round.first.why'),
                $plan,
                $url,
            ),
            $this->isLedBack() => new JobLine(
                JobType::Change,
                $job->urgency,
                $this->rhythm(),
                (string) __('catch_up.why'),
                (string) __('catch_up.act'),
                $this->base.'/catch-up',
            ),
            default => new JobLine(
                JobType::Change,
                $job->urgency,
                $this->rhythm(),
                $asked === null
                    ? (string) __(
                        'round.usual',
                        ['share' => $this->show->percent($this->tank->routine_share), 'every' => Names::every($this->tank->routine_days)],
                    )
                    : $asked->head.': '.lcfirst($asked->why),
                $plan,
                $url,
            ),
        };
    }

    private function checkUp(UpcomingJob $job, int $count): JobLine
    {
        $treatment = Treatment::query()->with('problem.plantGroup.plantKind')->findOrFail($job->key->record());

        return new JobLine(
            JobType::CheckUp,
            $job->urgency,
            trans_choice('inquiry.check.round', $count, ['count' => $count, 'what' => ProblemWords::title($treatment->problem)]),
            ProblemWords::expects($treatment),
            __('inquiry.check.act'),
            $this->base.'/problems/'.$treatment->problem_id.'/now',
        );
    }

    /** @return list<GrowingGroup> that are to be trimmed now */
    private function trims(): array
    {
        $keys = array_map(static fn(UpcomingJob $job): int => $job->key->record(), $this->now[JobType::Trim->value] ?? []);

        return array_values(array_intersect_key($this->planting->plantGroups ?? [], array_flip($keys)));
    }

    private function trimWords(): string
    {
        $trims = $this->trims();

        return $trims === []
            ? ''
            : trans_choice('plants.round', count($trims), ['count' => count($trims), 'name' => $trims[0]->name.', '.PlantGroupWords::place($trims[0])]);
    }

    private function trimmed(int $count): string
    {
        return $count <= 1
            ? ''
            : Names::list(array_map(
                static fn(GrowingGroup $plantGroup): string => $plantGroup->name.', '.PlantGroupWords::place($plantGroup),
                array_slice($this->trims(), 0, 2),
            )).($count > 2 ? ' …' : '').'. ';
    }

    /** @return list<Task> of one session without a change: trims first */
    private function tasks(): array
    {
        $trims = $this->trims();
        $floating = array_filter($trims, static fn(GrowingGroup $plantGroup): bool => $plantGroup->floats());

        return array_slice(
            [
                ...(count($floating) < count($trims) ? [Task::Trim] : []), ...($floating === [] ? [] : [Task::Floaters]),
                ...self::tasksOf($this->now[JobType::Task->value] ?? []),
            ],
            0,
            self::AT_ONCE,
        );
    }

    /**
     * @param list<UpcomingJob> $jobs
     *
     * @return list<Task>
     */
    private static function tasksOf(array $jobs): array
    {
        return array_map(static fn(UpcomingJob $job): Task => Task::from($job->key->of), $jobs);
    }

    private function session(): string
    {
        return $this->base.'/maintenance?'.http_build_query(['dry' => '1', 'tasks' => array_map(
            static fn(Task $task): string => $task->value,
            $this->tasks(),
        )]);
    }

    /**
     * @param list<UpcomingJob> $jobs
     *
     * @return list<string>
     */
    private function doses(array $jobs): array
    {
        $words = [];
        foreach ($jobs as $job) {
            $plan = $this->tank->loadMissing('dosePlans.product')->dosePlans->find($job->key->record());
            if ($plan instanceof DosePlan) {
                $words[] = Names::dose($plan->amount, $plan->product).' '.$plan->product->name;
            }
        }

        return $words;
    }
}
