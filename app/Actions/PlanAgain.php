<?php

declare(strict_types=1);

namespace App\Actions;

use App\Change\NewPlan;
use App\Kept\ForecastRecord;
use App\Kept\StepContent;
use App\Models\Run;
use App\Models\RunStep;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes a new plan for the rest of a run sheet: another mark, and steps that fall away for want of time. */
final class PlanAgain
{
    public function __invoke(Run $run, NewPlan $new): void
    {
        DB::transaction(static function () use ($run, $new): void {
            $fresh = Run::query()->whereKey($run->id)->lockForUpdate()->firstOrFail();
            if (!$fresh->state->isOpen()) {
                return;
            }
            // The readings before the change stay what it is held to, even where half of it is done.
            $forecast = ForecastRecord::keep($new->forecast);
            foreach ($forecast as $name => $row) {
                $forecast[$name] = ['now' => is_array($fresh->forecast[$name] ?? null) ? $fresh->forecast[$name]['now'] ?? $row['now'] : $row['now']] + $row;
            }
            $fresh->update([
                'plan' => $fresh->plan->again($new->total, $new->share, $new->mark, $new->refill, $new->out),
                'forecast' => $new->isUnderWay ? $forecast : ForecastRecord::keep($new->forecast),
            ]);
            $isFirst = true;
            foreach ($run->steps as $step) {
                if ($step->done_at !== null) {
                    continue;
                }
                $lines = $new->lines[$step->job === 'drain' && !$isFirst ? 'drain again' : $step->job] ?? null;
                $isFirst = $isFirst && $step->job !== 'drain';
                if ($lines !== null) {
                    // What the tank's ways add to the refill stands on.
                    $rest = $step->job === 'refill' ? array_slice((new StepContent($step))->lines(), count($lines)) : [];
                    $step->update(['content' => ['lines' => [...$lines, ...$rest]] + $step->content]);
                }
                if (in_array($step->id, $new->falls, true)) {
                    RunStep::query()->whereKey($step->id)->whereNull('done_at')->update(['done_at' => CarbonImmutable::now(), 'skipped' => true, 'note' => 'No time left: next time.']);
                }
            }
        });
    }
}
