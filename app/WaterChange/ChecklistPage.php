<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\GroupTrim;
use App\Data\StepContent;
use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\Chore;
use App\Models\Run;
use App\Models\RunState;
use App\Models\RunStep;
use App\Models\StandLook;
use App\Models\SwitchTick;
use App\Tanks\ChoresQuery;
use App\Tanks\TasksDoneQuery;
use App\Tanks\VesselQuery;
use App\Tanks\ZoneRotationQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use App\Words\StepWords;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\ExposureTimes;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Planning\Recurrence;
use Cresco\Core\Tank\DeviceKind;

/** A checklist at one of its steps. */
final readonly class ChecklistPage
{
    public RunStep $step;

    public StepContent $content;

    public RunStep $current;

    public function __construct(public Run $run, ?int $asked)
    {
        $this->current = $run->steps->firstWhere('done_at', null) ?? $run->steps->last() ?? abort(404);
        $this->step = ($asked === null ? null : $run->steps->firstWhere('position', $asked)) ?? $this->current;
        $this->content = $this->step->content;
    }

    /** A word that changes with anything that a device does to the sheet. */
    public function state(): string
    {
        return hash('xxh64', (string) json_encode([
            $this->run->state, $this->run->plan->toKeep(),
            $this->run->steps->map(static fn(RunStep $step): array => [$step->id, $step->done_at?->getTimestamp()])->all(),
            $this->run->switches->map(static fn(SwitchTick $tick): array => [$tick->id, $tick->off_at?->getTimestamp(), $tick->on_at?->getTimestamp()])->all(),
        ]));
    }

    /** The change in a line. */
    public function summary(Show $show): string
    {
        if (!$this->run->changes_water) {
            return (string) __('run.dry');
        }

        return (string) __('run.change', ['out' => $show->volume($this->run->plan->out), 'share' => $show->percent($this->run->plan->share), 'mark' => $show->level($this->run->plan->mark), 'source' => $this->run->plan->source ?? __('run.new_water')]);
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return StepWords::cautions($this->content->cautions);
    }

    /** @return list<string> */
    public function tools(): array
    {
        return StepWords::tools($this->content->tools);
    }

    /** The first sentence of a caution, for paper. */
    public static function short(string $caution): string
    {
        return (string) strtok($caution, '.').'.';
    }

    /**
     * Marks for a strip of paper, in mm below the rim: waterline, devices, and the mark itself.
     *
     * @return list<array{float, string, bool}> height, name, whether it is the mark
     */
    public function marks(): array
    {
        $marks = [[$this->run->tank->water_below_rim, 'water', false]];
        foreach (VesselQuery::levels($this->run->tank) as $level) {
            $marks[] = [$level->top, $level->name, false];
        }
        $marks[] = [$this->run->plan->mark, 'stop', true];

        return $marks;
    }

    /** Whether the tank was read in this session and nothing has left it yet: the plan may be held against it. */
    public function isReadAgain(): bool
    {
        $isRead = $this->run->steps->contains(static fn(RunStep $step): bool => $step->job === 'read' && $step->readings->isNotEmpty());
        $isDrained = $this->run->steps->contains(static fn(RunStep $step): bool => $step->job === 'drain' && $step->done_at !== null);

        return $this->run->plan->goal !== null && $isRead && !$isDrained;
    }

    /** Whether the step is begun by being looked at: it is the one in hand, or fits while that runs by itself. */
    public function opensNow(): bool
    {
        return $this->step->done_at === null && $this->step->opened_at === null
            && ($this->isCurrent() || in_array($this->step->job, $this->current->content->meanwhile, true));
    }

    public function isCurrent(): bool
    {
        return $this->step->is($this->current);
    }

    public function previous(): ?RunStep
    {
        return $this->run->steps->firstWhere('position', $this->step->position - 1);
    }

    public function next(): ?RunStep
    {
        return $this->run->steps->firstWhere('position', $this->step->position + 1);
    }

    public function nextTitle(): ?string
    {
        $next = $this->next();

        return $next === null ? null : $next->title();
    }

    public function plannedMinutes(): int
    {
        return $this->run->plannedMinutes();
    }

    public function elapsedMinutes(): int
    {
        return $this->run->started_at === null ? 0 : (int) max(0, TimeDifference::minutes($this->run->started_at, CarbonImmutable::now()));
    }

    /** When the timer of the step rings, as seconds since 1970; null without a timer. */
    public function rings(): ?int
    {
        $minutes = $this->content->timer;

        $from = $this->step->opened_at ?? ($this->opensNow() ? CarbonImmutable::now() : null);

        return $minutes > 0 && $from !== null && $this->step->done_at === null ? $from->addMinutes($minutes)->getTimestamp() : null;
    }

    /** @return list<RunStep> steps that may be done while this one runs by itself, and are not done yet */
    public function meanwhile(): array
    {
        $keys = $this->content->meanwhile;

        return $this->step->done_at !== null ? [] : array_values($this->run->steps->filter(static fn(RunStep $step): bool => $step->done_at === null && in_array($step->job, $keys, true))->all());
    }

    /** @return list<array{title: string, position: int, rings: int}> timers of other steps that run meanwhile */
    public function otherTimers(): array
    {
        $timers = [];
        foreach ($this->run->steps as $step) {
            $content = $step->content;
            if (!$step->is($this->step) && $step->done_at === null && $step->opened_at !== null && $content->timer > 0) {
                $timers[] = ['title' => $step->title(), 'position' => $step->position, 'rings' => $step->opened_at->addMinutes($content->timer)->getTimestamp()];
            }
        }

        return $timers;
    }

    /** @return list<SwitchTick> */
    public function stillOff(): array
    {
        return array_values($this->run->switches->filter(static fn(SwitchTick $tick): bool => $tick->isOpen())->all());
    }

    /**
     * How long things have stood out of their usual place, in words, each with whether it is too long.
     *
     * @return list<array{string, bool}>
     */
    public function spells(Show $show): array
    {
        $found = $this->isConditionerMissing() ? [[(string) __('run.skipped_conditioner', ['dose' => (string) DechlorinatorDose::ofTank($this->run->tank)]), true]] : [];
        $since = static fn(CarbonImmutable $at): int => max(0, (int) TimeDifference::minutes($at, CarbonImmutable::now()));
        foreach ($this->stillOff() as $tick) {
            if ($tick->off_at !== null && $tick->device === DeviceKind::Canister) {
                $minutes = $since($tick->off_at);
                $stale = $minutes >= ExposureTimes::STALE_FILTER;
                $found[] = [(string) __($stale ? 'run.stale' : 'run.still', ['time' => Show::minutes($minutes), 'until' => $show->time($tick->off_at->addMinutes(ExposureTimes::STALE_FILTER))]), $stale];
            }
        }
        $out = $this->doneAt('floaters_out');
        if ($out !== null && $this->doneAt('floaters_back') === null) {
            $found[] = [(string) __('run.floating', ['time' => Show::minutes($since($out))]), false];
        }
        $low = $this->doneAt('drain');
        if ($low !== null && $this->doneAt('refill') === null) {
            $found[] = [(string) __('run.low', ['time' => Show::minutes($since($low))]), false];
        }

        return $found;
    }

    /** Whether tap water goes in with nothing that takes its chlorine. */
    private function isConditionerMissing(): bool
    {
        return $this->run->afterJobs()->where('job', FollowUpKind::Conditioner)->whereNull('done_at')->exists();
    }

    /** When a step was last done, where it comes round again; null while it is open or when it was skipped. */
    private function doneAt(string $job): ?CarbonImmutable
    {
        $steps = $this->run->steps->filter(static fn(RunStep $step): bool => $step->job === $job && !$step->skipped);
        if ($job === 'refill' && $steps->contains(static fn(RunStep $step): bool => $step->done_at === null)) {
            return null;
        }

        $last = null;
        foreach ($steps as $step) {
            $last = $step->done_at ?? $last;
        }

        return $last;
    }

    /** @return array<int, string> number on the plan and cover of the patches of bed that this step is for, by their key */
    public function patchNumbers(): array
    {
        $numbers = [];
        foreach ($this->content->patches === [] ? [] : ZoneRotationQuery::numbered($this->run->tank) as $number => $patch) {
            if (in_array($patch->id, $this->content->patches, true)) {
                $numbers[$patch->id] = $number.' '.label($patch->cover);
            }
        }

        return $numbers;
    }

    /** How a stand was found and left in this session; null before it was cut. */
    public function found(GroupTrim $cut): ?StandLook
    {
        return $this->step->done_at === null ? null : StandLook::query()->where('stand_id', $cut->stand)->where('run_id', $this->run->id)->first();
    }

    /** Whether stands are drawn in its tank. */
    public function hasPlants(): bool
    {
        return $this->run->tank->stands()->exists();
    }

    public function drawing(): SectionDrawing
    {
        $tank = $this->run->tank;

        return new SectionDrawing(
            $tank,
            VesselQuery::tank($tank),
            VesselQuery::levels($tank),
            in_array($this->step->job, ['check', 'trim', 'floaters_back'], true) || !$this->run->changes_water ? null : $this->run->plan->mark,
            350.0,
            170.0,
            true,
            $tank->water_below_rim,
            false,
            PlantShapes::now($tank),
        );
    }

    /** @return list<Chore> other jobs that are due at the tank while the sheet is under way */
    public function beside(): array
    {
        return $this->run->state === RunState::Running ? ChoresQuery::dueAt($this->run->tank, $this->run->tank->keeper->show()) : [];
    }

    /** Whether the step is work that comes again, so that what was found tells when it is due. */
    public function asksWhatWasFound(): bool
    {
        $task = TasksDoneQuery::taskOfStep()[$this->step->job] ?? null;

        return $task !== null && Task::from($task)->kind()->comes === Recurrence::Learned && $this->content->stands === [] && $this->content->doses === [];
    }
}
