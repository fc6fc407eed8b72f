<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Data\Phrase;
use App\Models\Arrival;
use App\Models\EntryKind;
use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Ends a step of letting a bag in; the last one begins the days apart. It may be called twice: the first call counts. */
final readonly class FinishArrivalStep
{
    /**
     * @param int    $step   that is done
     * @param bool   $isLast whether it is the last
     * @param int    $days   that they stay apart from then on, 0 for none
     * @param Phrase $title  of the entry in the log
     *
     * @return bool whether they are in now
     */
    public function __invoke(Keeper $keeper, Arrival $arrival, int $step, bool $isLast, int $days, Phrase $title): bool
    {
        return DB::transaction(function () use ($keeper, $arrival, $step, $isLast, $days, $title): bool {
            $one = Arrival::query()->lockForUpdate()->findOrFail($arrival->id);
            if ($one->step !== $step) {
                return $one->step === null;
            }
            $now = CarbonImmutable::now();
            if (!$isLast) {
                $one->update(['step' => $step + 1, 'step_at' => $now]);

                return false;
            }
            $one->update([
                'step' => null, 'step_at' => null, 'arrived_at' => $now,
                'quarantine_until' => $days === 0 ? null : $keeper->show()->local($now)->addDays($days)->format('Y-m-d'),
            ]);
            $keeper->entries()->create(['tank_id' => $one->tank_id, 'kind' => EntryKind::Note, 'title' => $title, 'happened_at' => $now]);

            return true;
        });
    }
}
