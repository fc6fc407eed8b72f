<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\ForecastRecord;
use App\Models\Checklist;
use App\Models\ChecklistStep;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes a new plan for the rest of a checklist: another mark, and steps that fall away for want of time. */
final class PlanAgain
{
    public function __invoke(Checklist $checklist, Replan $new): void
    {
        DB::transaction(static function () use ($checklist, $new): void {
            $fresh = Checklist::query()->whereKey($checklist->id)->lockForUpdate()->firstOrFail();
            if (!$fresh->state->isOpen()) {
                return;
            }
            // The readings before the change stay what it is held to, even where half of it is done.
            $forecast = ForecastRecord::of($new->forecast);
            $fresh->update([
                'plan' => $fresh->plan->again($new->total, $new->share, $new->mark, $new->refill, $new->out),
                'forecast' => $new->isUnderWay ? $forecast->withNowOf($fresh->forecast) : $forecast,
            ]);
            $isFirst = true;
            foreach ($checklist->steps as $step) {
                if ($step->done_at !== null) {
                    continue;
                }
                $lines = $new->lines[$step->job === 'drain' && !$isFirst ? 'drain_again' : $step->job] ?? null;
                $isFirst = $isFirst && $step->job !== 'drain';
                if ($lines !== null) {
                    // What the tank's ways and a batch add stands on.
                    $rest = $step->job === 'drain' ? [] : array_slice($step->content->lines, $step->job === 'refill' ? Replan::REFILL : count($lines));
                    $step->update(['content' => $step->content->withLines([...$lines, ...$rest])]);
                }
                if (in_array($step->id, $new->falls, true)) {
                    ChecklistStep::query()->whereKey($step->id)->whereNull('done_at')
                        ->update(['done_at' => CarbonImmutable::now(), 'skipped' => true, 'note' => __('said.done.next_time')]);
                }
            }
        });
    }
}
