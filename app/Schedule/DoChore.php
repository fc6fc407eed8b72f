<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Chore;
use App\Models\EntryKind;
use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\AmountFound;
use Illuminate\Support\Facades\DB;

/** Notes that a job was done, and what was found; a second tap within the hour changes nothing but that. */
final class DoChore
{
    /** Days within which a second tap is the same turn. */
    private const SAME = 1.0 / 24.0;

    public function __invoke(Keeper $keeper, Chore $chore, ?AmountFound $found, string $title): void
    {
        DB::transaction(function () use ($keeper, $chore, $found, $title): void {
            $chore->refresh();
            $now = CarbonImmutable::now();
            $since = $chore->last_at === null ? null : ($now->getTimestamp() - $chore->last_at->getTimestamp()) / 86400.0;
            if ($since !== null && $since < self::SAME) {
                $chore->turns()->latest('done_at')->first()?->update(['found' => $found]);

                return;
            }
            $turn = $chore->turns()->create(['done_at' => $now, 'since' => $since, 'found' => $found]);
            $chore->update(['last_at' => $now, 'next_on' => null]);
            $keeper->pinnedJobs()->where('job', 'chore.'.$chore->id)->whereDate('day', '<=', $now->setTimezone($keeper->timezone)->format('Y-m-d'))->delete();
            $entry = $keeper->entries()->create([
                'tank_id' => $chore->tank_id, 'kind' => EntryKind::Work, 'title' => mb_substr($title, 0, 160), 'happened_at' => $now,
            ]);
            $turn->update(['entry_id' => $entry->id]);
        });
    }
}
