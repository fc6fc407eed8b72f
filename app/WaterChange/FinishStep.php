<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\Phrase;
use App\Data\StepContent;
use App\Fertilising\GiveDose;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\SourceWater;
use App\Models\SwitchTick;
use App\Plants\RecordPlantMeasurements;
use App\Tanks\TasksDoneQuery;
use App\Testing\RecordResults;
use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\FollowUpKind;
use Cresco\Core\Checklist\ReadingPoint;
use Cresco\Core\Checklist\StepCatalogue;
use Cresco\Core\Checklist\SwitchWork;
use Cresco\Core\Checklist\TankSign;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Measure\TestResult;
use Cresco\Core\Planning\AmountFound;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Ends one step of a checklist. It may be called twice for the same step, from two devices or after a lost answer: the
 * first call counts, a later one adds only readings that the first did not bring.
 */
final readonly class FinishStep
{
    public function __construct(
        private RecordResults $record,
        private VacuumZones $clean,
        private LogWaterChange $note,
        private RecordPlantMeasurements $looks,
        private GiveDose $dose,
    ) {}

    /**
     * @param array<string, TestResult>                                                                                                  $readings
     * @param list<string>                                                                                                               $leftOn   devices that were not switched off in a step that does so
     * @param list<int>|null                                                                                                             $reached  zones of the substrate that were vacuumed; null for all that the step is for
     * @param AmountFound|null                                                                                                           $found    how much there was to do
     * @param array<int, array{height: float, cover: float, before: float|null, coverBefore: float|null, guessed: bool, replanted: int}> $cuts     by plant group, as KeepLooks takes them
     *
     * @return bool whether this call was the one that ended the step
     *
     * @throws ValidationException when a device is still off and the step is not to end before it is on
     */
    public function __invoke(
        Keeper $keeper,
        Checklist $checklist,
        ChecklistStep $step,
        array $readings,
        ?string $note,
        bool $skip,
        array $leftOn = [],
        ?array $reached = null,
        array $cuts = [],
        ?AmountFound $found = null,
    ): bool {
        return DB::transaction(function () use ($keeper, $checklist, $step, $readings, $note, $skip, $leftOn, $reached, $cuts, $found): bool {
            $now = CarbonImmutable::now();
            $content = $step->content;
            // A checklist that was closed or dropped meanwhile takes no more steps, but what was read is kept all the same.
            $since = self::since($checklist, $step, $now);
            $first = $checklist->state->isOpen() && ChecklistStep::query()->whereKey($step->id)->whereNull('done_at')->update([
                'done_at' => $now, 'skipped' => $skip, 'note' => $note, 'found' => $skip ? null : $found, 'since' => $since,
            ]) === 1;
            $this->record->keepInStep($keeper, $checklist->tank, $this->sourceOf($checklist, $content), $readings, $now, $step);
            if (!$first) {
                return false;
            }
            if ($content->zones !== [] && !$skip) {
                // One that was missed keeps its age, and so it is next.
                $missed = $reached === null ? [] : array_values(array_diff($content->zones, $reached));
                ($this->clean)($checklist->tank, array_values(array_diff($content->zones, $missed)), $now, $checklist->id);
                $step->update(['content' => $step->content->withMissed($missed)]);
            }
            if (!$skip) {
                // What it was to restore is restored.
                LayoutIssue::query()->where('checklist_id', $checklist->id)->where('state', LayoutIssueState::Restore)->get()
                    ->each(static fn(LayoutIssue $spot) => $spot->kind->step() !== $step->job || $spot->update([
                        'state' => LayoutIssueState::Restored, 'settled_at' => $now,
                    ]));
            }
            if ($skip && $step->job === 'condition') {
                $job = FollowUpKind::Conditioner;
                $checklist->followUps()->firstOrCreate(
                    ['job' => $job],
                    ['due_from' => $now->addMinutes((int) (60.0 * $job->fromHours())), 'due_until' => $now->addMinutes((int) (60.0 * $job->untilHours()))],
                );
            }
            if ($step->job === 'condition' && !$skip) {
                DechlorinatorDose::product($keeper)?->update(['used_at' => $now]);
            }
            if ($cuts !== [] && !$skip) {
                ($this->looks)($checklist->tank, $cuts, $now, $checklist->id);
            }
            foreach ($skip ? [] : $content->doses as $line) {
                $product = $keeper->products()->whereKey($line->product)->first();
                if ($product !== null) {
                    ($this->dose)($checklist->tank->setRelation('keeper', $keeper), $product, $line->amount, $now, false);
                }
            }
            if ($content->switches === SwitchWork::Off && !$skip) {
                $checklist->switches()->whereNull('off_at')->whereNotIn('device', $leftOn)->update(['off_at' => $now]);
            }
            if ($content->switches === SwitchWork::On || $step->job === 'close') {
                $this->requireAllOn($checklist);
            }
            if (Checklist::query()->where('tank_id', $checklist->tank_id)->where('state', ChecklistState::Running)->whereKeyNot($checklist->id)->exists()) {
                throw ValidationException::withMessages(['switches' => __('said.cannot.sheet')]);
            }
            Checklist::query()->whereKey($checklist->id)->where('state', ChecklistState::Planned)
                ->update(['state' => ChecklistState::Running, 'holds' => Checklist::holding(ChecklistState::Running, null), 'started_at' => $now]);
            $next = $checklist->steps()->whereNull('done_at')->orderBy('position')->first();
            if ($next === null) {
                $this->close($keeper, $checklist, $now);
            } else {
                ChecklistStep::query()->whereKey($next->id)->whereNull('opened_at')->update(['opened_at' => $now]);
            }

            return true;
        });
    }

    /** Days since the same work was done before at this tank. */
    private static function since(Checklist $checklist, ChecklistStep $step, CarbonImmutable $now): ?float
    {
        $task = TasksDoneQuery::taskOfStep()[$step->job] ?? null;
        $last = $task === null ? null : TasksDoneQuery::last([$checklist->tank_id])[$checklist->tank_id][$task] ?? null;

        return $last === null ? null : ($now->getTimestamp() - $last->getTimestamp()) / 86400.0;
    }

    /** The water that readings of a step are of: the source when it goes in alone; null for the tank and for a blend. */
    private function sourceOf(Checklist $checklist, StepContent $content): ?SourceWater
    {
        return $content->moment === ReadingPoint::NewWater ? SourceWater::query()->whereKey($checklist->plan->water)->first() : null;
    }

    private function requireAllOn(Checklist $checklist): void
    {
        $open = $checklist->switches()->get()->filter(static fn(SwitchTick $tick): bool => $tick->isOpen());
        if ($open->isNotEmpty()) {
            $names = $open->map(static fn(SwitchTick $tick): string => word($tick->device))->implode(', ');
            throw ValidationException::withMessages(['switches' => __('run.still_off', ['names' => $names])]);
        }
    }

    /** @return list<Task> whose steps were done, or at least one of them */
    private function done(Checklist $checklist): array
    {
        $done = $checklist->steps()->where('skipped', false)->pluck('job')->all();
        $tasks = [];
        foreach (StepCatalogue::steps() as $job) {
            if ($job->of !== null && in_array($job->key, $done, true) && !in_array($job->of, $tasks, true)) {
                $tasks[] = $job->of;
            }
        }

        return $tasks;
    }

    private function close(Keeper $keeper, Checklist $checklist, CarbonImmutable $now): void
    {
        $this->requireAllOn($checklist);
        $closed = Checklist::query()->whereKey($checklist->id)->where('state', ChecklistState::Running)
            ->update(['state' => ChecklistState::Done, 'holds' => null, 'finished_at' => $now]);
        if ($closed !== 1) {
            return;
        }
        foreach ($checklist->plan->after as $job) {
            $checklist->followUps()->create([
                'job' => $job, 'due_from' => $now->addMinutes((int) (60.0 * $job->fromHours())),
                'due_until' => $now->addMinutes((int) (60.0 * $job->untilHours())),
            ]);
        }
        $show = $keeper->show();
        $tasks = array_map(static fn(Task $task): Phrase => Phrase::of('steps.tasks.'.$task->value), $this->done($checklist));
        $work = $tasks === [] ? null : Phrase::joined('run.entry.list', $tasks);
        $signs = array_map(static fn(TankSign $sign): Phrase => Phrase::of('steps.signs.'.$sign->value), $checklist->plan->signs);
        $seen = $signs === [] ? null : Phrase::of('run.entry.seen', ['signs' => Phrase::joined('run.entry.list', $signs)]);
        $source = $checklist->plan->source ?? (string) __('names.new_water');
        [$rounds, $share, $litres] = $this->changed($checklist);
        $words = static function (?Phrase ...$parts) use ($seen): ?Phrase {
            $said = array_values(array_filter([...$parts, $seen]));

            return $said === [] ? null : Phrase::joined('run.entry.sentences', $said);
        };
        if ($rounds > 0) {
            ($this->note)(
                $keeper->id,
                $checklist->tank_id,
                $checklist,
                $checklist->plan->water === null ? null : SourceWater::query()->whereKey($checklist->plan->water)->first()?->id,
                $source,
                $litres,
                $share,
                $rounds === $this->rounds($checklist) ? $checklist->forecast : $checklist->forecast->partly($share),
                $now,
                Phrase::of('run.entry.changed', ['litres' => $show->volume($litres), 'share' => $show->percent($share)]),
                $words(
                    Phrase::of('run.entry.with', ['source' => $source, 'mark' => $show->level($checklist->plan->mark)]),
                    $work === null ? null : Phrase::of('run.entry.also', ['work' => $work]),
                ),
            );

            return;
        }
        // What was skipped is no change, whatever was planned.
        if ($checklist->changes_water) {
            Checklist::query()->whereKey($checklist->id)->update(['changes_water' => false]);
        }
        $keeper->entries()->create([
            'tank_id' => $checklist->tank_id,
            'checklist_id' => $checklist->id,
            'kind' => EntryKind::Work,
            'title' => $work ?? Phrase::of('run.entry.none'),
            'body' => $words($checklist->changes_water ? Phrase::of('said.done.no_change') : null),
            'happened_at' => $now,
        ]);
    }

    private function rounds(Checklist $checklist): int
    {
        return $checklist->plan->drains;
    }

    /**
     * How often water really went out and in again, and what that comes to; a drain or a refill that was skipped does not count.
     *
     * @return array{int, float, float} rounds, share of new water, litres out
     */
    private function changed(Checklist $checklist): array
    {
        if (!$checklist->changes_water) {
            return [0, 0.0, 0.0];
        }
        $done = static fn(string $job): int => $checklist->steps()->where('job', $job)->where('skipped', false)->whereNotNull('done_at')->count();
        $planned = $this->rounds($checklist);
        $rounds = min($done('drain'), $done('refill'), $planned);
        if ($rounds === $planned) {
            return [$rounds, $checklist->plan->share, $checklist->plan->out];
        }
        $each = 1.0 - (1.0 - min(0.999999, $checklist->plan->share)) ** (1.0 / $planned);

        return [$rounds, 1.0 - (1.0 - $each) ** $rounds, $checklist->plan->out * $rounds / $planned];
    }
}
