<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\Phrase;
use App\Models\EntryKind;
use App\Models\FollowUp;
use App\Models\Keeper;
use App\Testing\RecordResults;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\TestResult;
use Illuminate\Support\Facades\DB;

/** Ends a small job after a session. It may be called twice, from two devices: the first call counts. */
final readonly class FinishFollowUp
{
    public function __construct(private RecordResults $record) {}

    /**
     * @param array<string, TestResult> $readings of the tank
     *
     * @return bool whether this call was the one that ended it
     */
    public function __invoke(Keeper $keeper, FollowUp $after, array $readings, ?string $note): bool
    {
        return DB::transaction(function () use ($keeper, $after, $readings, $note): bool {
            $now = CarbonImmutable::now();
            if (FollowUp::query()->whereKey($after->id)->whereNull('done_at')->update(['done_at' => $now]) !== 1) {
                return false;
            }
            $this->record->keep($keeper, $after->checklist->tank, $readings, $now);
            $keeper->entries()->create([
                'tank_id' => $after->checklist->tank_id, 'checklist_id' => $after->checklist_id, 'kind' => EntryKind::Work,
                'title' => Phrase::of('steps.after.'.$after->job->value), 'body' => $note ?? Phrase::of('said.done.well'), 'happened_at' => $now,
            ]);

            return true;
        });
    }
}
