<?php

declare(strict_types=1);

namespace App\Log;

use App\Fertilising\GiveDose;
use App\Models\AnimalEvent;
use App\Models\Batch;
use App\Models\BedCleaning;
use App\Models\BedPatch;
use App\Models\ChoreTurn;
use App\Models\Dose;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Jar;
use App\Models\Run;
use App\Models\RunState;
use App\Models\RunStep;
use App\Models\StandLook;
use App\Models\Store;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes an entry out of the diary, with all that it stands for: its change and look-back, doses, cuts, counts, turns of jobs, and what went out of jars and stores. */
final class UndoEntry
{
    /** g, mL or litres that one entry may put back. House limit. */
    private const MOST = 1e6;

    public function __invoke(Entry $entry): void
    {
        DB::transaction(static function () use ($entry): void {
            if ($entry->kind === EntryKind::Change && $entry->run_id !== null) {
                Run::query()->whereKey($entry->run_id)->where('state', RunState::Done)->update(['state' => RunState::Dropped]);
            }
            // A dose that was none goes back onto the shelf.
            Dose::query()->where('entry_id', $entry->id)->get()->each(static fn(Dose $dose) => (new GiveDose())->takeBack($dose));
            if ($entry->run_id !== null && in_array($entry->kind, [EntryKind::Change, EntryKind::Work], true)) {
                self::undoSession($entry->run_id, $entry->kind === EntryKind::Work);
            }
            AnimalEvent::query()->where('entry_id', $entry->id)->get()->each(static fn(AnimalEvent $event) => $event->delete());
            ChoreTurn::query()->where('entry_id', $entry->id)->with('chore')->get()->each(static function (ChoreTurn $turn): void {
                $turn->delete();
                $turn->chore->update(['last_at' => $turn->chore->turns()->max('done_at')]);
            });
            self::putBack($entry);
            $entry->delete();
        });
    }

    /** What a session left at plants and substrate goes with it; one without a change goes as a whole. */
    private static function undoSession(int $run, bool $isAll): void
    {
        foreach (StandLook::query()->where('run_id', $run)->with('stand')->get() as $look) {
            $look->delete();
            $look->stand->update(['looked_at' => CarbonImmutable::now()]);
        }
        $patches = BedCleaning::query()->where('run_id', $run)->pluck('bed_patch_id');
        BedCleaning::query()->where('run_id', $run)->delete();
        foreach (BedPatch::query()->whereKey($patches)->get() as $patch) {
            $patch->update(['cleaned_at' => $patch->cleanings()->max('cleaned_at')]);
        }
        if ($isAll) {
            Run::query()->whereKey($run)->where('state', RunState::Done)->update(['state' => RunState::Dropped]);
            RunStep::query()->where('run_id', $run)->update(['skipped' => true]);
        }
    }

    /** What went out of jars and stores goes back into them; a batch was not made, or has no acid. */
    private static function putBack(Entry $entry): void
    {
        $took = $entry->took ?? [];
        foreach (self::amounts($took['jars'] ?? null, 'jar', 'amount') as $id => $amount) {
            $jar = Jar::query()->where('keeper_id', $entry->keeper_id)->whereNotNull('stock')->find($id);
            $jar?->update(['stock' => $jar->stock + $amount]);
        }
        foreach (self::amounts($took['stores'] ?? null, 'store', 'litres') as $id => $litres) {
            $store = Store::query()->where('keeper_id', $entry->keeper_id)->find($id);
            $store?->update(['level' => min($store->capacity, $store->level + $litres)]);
        }
        $batch = static fn(string $key): ?Batch => is_int($took[$key] ?? null) ? Batch::query()->where('keeper_id', $entry->keeper_id)->lockForUpdate()->find($took[$key]) : null;
        $batch('made')?->update(['made_at' => null]);
        $acid = $batch('acid_of');
        $acid?->update(['card' => $acid->card->withoutAcid(is_numeric($took['acid'] ?? null) ? (float) $took['acid'] : 0.0)]);
    }

    /** @return array<int, float> by number of the record */
    private static function amounts(mixed $list, string $of, string $amount): array
    {
        $found = [];
        foreach (is_array($list) ? $list : [] as $one) {
            if (is_array($one) && is_int($one[$of] ?? null) && is_numeric($one[$amount] ?? null)) {
                // An archive may bring any figure: no more than a form takes.
                $found[$one[$of]] = min(self::MOST, ($found[$one[$of]] ?? 0.0) + max(0.0, (float) $one[$amount]));
            }
        }

        return $found;
    }
}
