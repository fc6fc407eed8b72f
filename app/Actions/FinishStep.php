<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Keeper;
use App\Models\Run;
use App\Models\RunStep;
use App\Models\SwitchTick;
use App\Models\Water;
use App\Support\EntryKind;
use App\Support\RunState;
use App\View\StepContent;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Reading;
use Cresco\Core\Work\Moment;
use Cresco\Core\Work\SwitchWork;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Ends one step of a run sheet. It may be called twice for the same step, from two devices or after a lost answer: the
 * first call counts, a later one adds only readings that the first did not bring.
 */
final readonly class FinishStep
{
    public function __construct(private RecordReadings $record, private CleanPatches $clean) {}

    /**
     * @param array<string, Reading> $readings
     * @param list<string>           $leftOn   devices that were not switched off in a step that does so
     *
     * @return bool whether this call was the one that ended the step
     *
     * @throws ValidationException when a device is still off and the step is not to end before it is on
     */
    public function __invoke(Keeper $keeper, Run $run, RunStep $step, array $readings, ?string $note, bool $skip, array $leftOn = []): bool
    {
        return DB::transaction(function () use ($keeper, $run, $step, $readings, $note, $skip, $leftOn): bool {
            $now = CarbonImmutable::now();
            $content = new StepContent($step);
            // A sheet that was closed or dropped meanwhile takes no more steps, but what was read is kept all the same.
            $first = $run->state->isOpen() && RunStep::query()->whereKey($step->id)->whereNull('done_at')->update([
                'done_at' => $now, 'skipped' => $skip, 'note' => $note,
            ]) === 1;
            $this->record->keepInStep($keeper, $run->tank, $this->sourceOf($run, $content), $readings, $now, $step);
            if (!$first) {
                return false;
            }
            if ($content->patches() !== [] && !$skip) {
                ($this->clean)($run->tank, $content->patches(), $now, $run->id);
            }
            if ($content->switches() === SwitchWork::Off && !$skip) {
                $run->switches()->whereNull('off_at')->whereNotIn('device', $leftOn)->update(['off_at' => $now]);
            }
            if ($content->switches() === SwitchWork::On || $step->job === 'close') {
                $this->requireAllOn($run);
            }
            Run::query()->whereKey($run->id)->where('state', RunState::Planned)->update(['state' => RunState::Running, 'started_at' => $now]);
            if (!$run->steps()->whereNull('done_at')->exists()) {
                $this->close($keeper, $run, $now);
            }

            return true;
        });
    }

    /** The water that readings of a step are of: the source when it goes in alone; null for the tank and for a blend. */
    private function sourceOf(Run $run, StepContent $content): ?Water
    {
        return $content->moment() === Moment::NewWater ? Water::query()->whereKey($run->plan['water_id'] ?? null)->first() : null;
    }

    private function requireAllOn(Run $run): void
    {
        $open = $run->switches()->get()->filter(static fn(SwitchTick $tick): bool => $tick->isOpen());
        if ($open->isNotEmpty()) {
            $names = $open->map(static fn(SwitchTick $tick): string => mb_strtolower($tick->device->label()))->implode(', ');
            throw ValidationException::withMessages(['switches' => 'Still off: '.$names.'. Tick each one once it runs.']);
        }
    }

    private function close(Keeper $keeper, Run $run, CarbonImmutable $now): void
    {
        $this->requireAllOn($run);
        $closed = Run::query()->whereKey($run->id)->where('state', RunState::Running)->update(['state' => RunState::Done, 'finished_at' => $now]);
        if ($closed !== 1) {
            return;
        }
        $show = $keeper->show();
        $plan = $run->plan;
        $number = static fn(string $key): float => is_numeric($plan[$key] ?? null) ? (float) $plan[$key] : 0.0;
        $keeper->entries()->create([
            'tank_id' => $run->tank_id,
            'run_id' => $run->id,
            'kind' => EntryKind::Change,
            'title' => sprintf('Changed %s (%s)', $show->volume($number('litres') * $number('drains')), $show->percent($number('share'))),
            'body' => is_string($plan['source'] ?? null) ? 'With '.$plan['source'].', to '.$show->millimetres($number('mark')).' below the rim.' : null,
            'happened_at' => $now,
        ]);
    }
}
