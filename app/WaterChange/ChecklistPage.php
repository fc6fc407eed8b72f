<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\GroupTrim;
use App\Data\StepContent;
use App\Drawing\PlantShapes;
use App\Drawing\SectionDrawing;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\Chore;
use App\Models\PlantMeasurement;
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
    public ChecklistStep $step;

    public StepContent $content;

    public ChecklistStep $current;

    public function __construct(public Checklist $checklist, ?int $asked)
    {
        $this->current = $checklist->steps->firstWhere('done_at', null) ?? $checklist->steps->last() ?? abort(404);
        $this->step = ($asked === null ? null : $checklist->steps->firstWhere('position', $asked)) ?? $this->current;
        $this->content = $this->step->content;
    }

    /** A word that changes with anything that a device does to the checklist. */
    public function state(): string
    {
        return hash('xxh64', (string) json_encode([
            $this->checklist->state, $this->checklist->plan->toKeep(),
            $this->checklist->steps->map(static fn(ChecklistStep $step): array => [$step->id, $step->done_at?->getTimestamp()])->all(),
            $this->checklist->switches->map(static fn(SwitchTick $tick): array => [
                $tick->id, $tick->off_at?->getTimestamp(), $tick->on_at?->getTimestamp(),
            ])->all(),
        ]));
    }

    /** The change in a line. */
    public function summary(Show $show): string
    {
        if (!$this->checklist->changes_water) {
            return (string) __('run.dry');
        }

        return (string) __(
            'run.change',
            [
                'out' => $show->volume($this->checklist->plan->out), 'share' => $show->percent($this->checklist->plan->share),
                'mark' => $show->level($this->checklist->plan->mark), 'source' => $this->checklist->plan->source ?? __('run.new_water'),
            ],
        );
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
        $marks = [[$this->checklist->tank->water_below_rim, 'water', false]];
        foreach (VesselQuery::levels($this->checklist->tank) as $level) {
            $marks[] = [$level->top, $level->name, false];
        }
        $marks[] = [$this->checklist->plan->mark, 'stop', true];

        return $marks;
    }

    /** Whether the tank was read in this session and nothing has left it yet: the plan may be held against it. */
    public function isReadAgain(): bool
    {
        $isRead = $this->checklist->steps->contains(static fn(ChecklistStep $step): bool => $step->job === 'read' && $step->readings->isNotEmpty());
        $isDrained = $this->checklist->steps->contains(static fn(ChecklistStep $step): bool => $step->job === 'drain' && $step->done_at !== null);

        return $this->checklist->plan->goal !== null && $isRead && !$isDrained;
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

    public function previous(): ?ChecklistStep
    {
        return $this->checklist->steps->firstWhere('position', $this->step->position - 1);
    }

    public function next(): ?ChecklistStep
    {
        return $this->checklist->steps->firstWhere('position', $this->step->position + 1);
    }

    public function nextTitle(): ?string
    {
        $next = $this->next();

        return $next === null ? null : $next->title();
    }

    public function plannedMinutes(): int
    {
        return $this->checklist->plannedMinutes();
    }

    public function elapsedMinutes(): int
    {
        return $this->checklist->started_at === null ? 0 : (int) max(0, TimeDifference::minutes($this->checklist->started_at, CarbonImmutable::now()));
    }

    /** When the timer of the step rings, as seconds since 1970; null without a timer. */
    public function rings(): ?int
    {
        $minutes = $this->content->timer;

        $from = $this->step->opened_at ?? ($this->opensNow() ? CarbonImmutable::now() : null);

        return $minutes > 0 && $from !== null && $this->step->done_at === null ? $from->addMinutes($minutes)->getTimestamp() : null;
    }

    /** @return list<ChecklistStep> steps that may be done while this one runs by itself, and are not done yet */
    public function meanwhile(): array
    {
        $keys = $this->content->meanwhile;

        return $this->step->done_at !== null
            ? []
            : array_values($this->checklist->steps->filter(static fn(ChecklistStep $step): bool => $step->done_at === null
                && in_array($step->job, $keys, true))->all());
    }

    /** @return list<array{title: string, position: int, rings: int}> timers of other steps that run meanwhile */
    public function otherTimers(): array
    {
        $timers = [];
        foreach ($this->checklist->steps as $step) {
            $content = $step->content;
            if (!$step->is($this->step) && $step->done_at === null && $step->opened_at !== null && $content->timer > 0) {
                $timers[] = [
                    'title' => $step->title(), 'position' => $step->position,
                    'rings' => $step->opened_at->addMinutes($content->timer)->getTimestamp(),
                ];
            }
        }

        return $timers;
    }

    /** @return list<SwitchTick> */
    public function stillOff(): array
    {
        return array_values($this->checklist->switches->filter(static fn(SwitchTick $tick): bool => $tick->isOpen())->all());
    }

    /**
     * How long things have stood out of their usual place, in words, each with whether it is too long.
     *
     * @return list<array{string, bool}>
     */
    public function spells(Show $show): array
    {
        $found = $this->isConditionerMissing()
            ? [[(string) __('run.skipped_conditioner', ['dose' => (string) DechlorinatorDose::ofTank($this->checklist->tank)]), true]]
            : [];
        $since = static fn(CarbonImmutable $at): int => max(0, (int) TimeDifference::minutes($at, CarbonImmutable::now()));
        foreach ($this->stillOff() as $tick) {
            if ($tick->off_at !== null && $tick->device === DeviceKind::Canister) {
                $minutes = $since($tick->off_at);
                $stale = $minutes >= ExposureTimes::STALE_FILTER;
                $found[] = [(string) __(
                    $stale ? 'run.stale' : 'run.still',
                    ['time' => Show::minutes($minutes), 'until' => $show->time($tick->off_at->addMinutes(ExposureTimes::STALE_FILTER))],
                ), $stale];
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
        return $this->checklist->followUps()->where('job', FollowUpKind::Conditioner)->whereNull('done_at')->exists();
    }

    /** When a step was last done, where it comes round again; null while it is open or when it was skipped. */
    private function doneAt(string $job): ?CarbonImmutable
    {
        $steps = $this->checklist->steps->filter(static fn(ChecklistStep $step): bool => $step->job === $job && !$step->skipped);
        if ($job === 'refill' && $steps->contains(static fn(ChecklistStep $step): bool => $step->done_at === null)) {
            return null;
        }

        $last = null;
        foreach ($steps as $step) {
            $last = $step->done_at ?? $last;
        }

        return $last;
    }

    /** @return array<int, string> number on the plan and cover of the zones of substrate that this step is for, by their key */
    public function zoneNumbers(): array
    {
        $numbers = [];
        foreach ($this->content->zones === [] ? [] : ZoneRotationQuery::numbered($this->checklist->tank) as $number => $zone) {
            if (in_array($zone->id, $this->content->zones, true)) {
                $numbers[$zone->id] = $number.' '.label($zone->cover);
            }
        }

        return $numbers;
    }

    /** How a plant group was found and left in this session; null before it was cut. */
    public function found(GroupTrim $cut): ?PlantMeasurement
    {
        return $this->step->done_at === null
            ? null
            : PlantMeasurement::query()->where('plant_group_id', $cut->plantGroup)->where('checklist_id', $this->checklist->id)->first();
    }

    /** Whether stands are drawn in its tank. */
    public function hasPlants(): bool
    {
        return $this->checklist->tank->plantGroups()->exists();
    }

    public function drawing(): SectionDrawing
    {
        $tank = $this->checklist->tank;

        return new SectionDrawing(
            $tank,
            VesselQuery::tank($tank),
            VesselQuery::levels($tank),
            in_array($this->step->job, ['check', 'trim', 'floaters_back'], true) || !$this->checklist->changes_water ? null : $this->checklist->plan->mark,
            350.0,
            170.0,
            true,
            $tank->water_below_rim,
            false,
            PlantShapes::now($tank),
        );
    }

    /** @return list<Chore> other jobs that are due at the tank while the checklist is under way */
    public function beside(): array
    {
        return $this->checklist->state === ChecklistState::Running ? ChoresQuery::dueAt($this->checklist->tank, $this->checklist->tank->keeper->show()) : [];
    }

    /** Whether the step is work that comes again, so that what was found tells when it is due. */
    public function asksWhatWasFound(): bool
    {
        $task = TasksDoneQuery::taskOfStep()[$this->step->job] ?? null;

        return $task !== null && Task::from($task)->kind()->comes === Recurrence::Learned && $this->content->plantGroups === [] && $this->content->doses === [];
    }

    /** A height or a cover as it stands in a field of the checklist. */
    public static function cut(GroupTrim $cut, float $value, Show $show): string
    {
        return match (true) {
            $cut->byCover => Show::plain(100.0 * $value, 0),
            $show->levels()->label === 'mm' => Show::plain($value, 0),
            default => $show->levels()->show($value),
        };
    }
}
