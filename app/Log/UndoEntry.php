<?php

declare(strict_types=1);

namespace App\Log;

use App\Fertilising\GiveDose;
use App\Models\AnimalEvent;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\ChecklistState;
use App\Models\ChecklistStep;
use App\Models\ChoreTurn;
use App\Models\Dose;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\PlantMeasurement;
use App\Models\Product;
use App\Models\Reservoir;
use App\Models\SubstrateZone;
use App\Models\ZoneVacuuming;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Takes an entry out of the log, with all that it stands for: its change and forecast check, doses, cuts, counts, turns of jobs, and what went
 * out of products and stores.
 */
final class UndoEntry
{
    /** g, mL or litres that one entry may put back. House limit. */
    private const MOST = 1e6;

    public function __invoke(Entry $entry): void
    {
        DB::transaction(static function () use ($entry): void {
            if ($entry->kind === EntryKind::Change && $entry->checklist_id !== null) {
                Checklist::query()->whereKey($entry->checklist_id)->where('state', ChecklistState::Done)->update(['state' => ChecklistState::Dropped]);
            }
            // A dose that was none goes back onto the shelf.
            Dose::query()->where('entry_id', $entry->id)->get()->each(static fn(Dose $dose) => (new GiveDose())->takeBack($dose));
            if ($entry->checklist_id !== null && in_array($entry->kind, [EntryKind::Change, EntryKind::Work], true)) {
                self::undoSession($entry->checklist_id, $entry->kind === EntryKind::Work);
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
    private static function undoSession(int $checklist, bool $isAll): void
    {
        foreach (PlantMeasurement::query()->where('checklist_id', $checklist)->with('plantGroup')->get() as $look) {
            $look->delete();
            $look->plantGroup->update(['looked_at' => CarbonImmutable::now()]);
        }
        $zones = ZoneVacuuming::query()->where('checklist_id', $checklist)->pluck('substrate_zone_id');
        ZoneVacuuming::query()->where('checklist_id', $checklist)->delete();
        foreach (SubstrateZone::query()->whereKey($zones)->get() as $zone) {
            $zone->update(['cleaned_at' => $zone->cleanings()->max('cleaned_at')]);
        }
        if ($isAll) {
            Checklist::query()->whereKey($checklist)->where('state', ChecklistState::Done)->update(['state' => ChecklistState::Dropped]);
            ChecklistStep::query()->where('checklist_id', $checklist)->update(['skipped' => true]);
        }
    }

    /** What went out of products and stores goes back into them; a batch was not made, or has no acid. */
    private static function putBack(Entry $entry): void
    {
        $took = $entry->took ?? [];
        foreach (self::amounts($took['jars'] ?? null, 'jar', 'amount') as $id => $amount) {
            $product = Product::query()->where('keeper_id', $entry->keeper_id)->whereNotNull('stock')->find($id);
            $product?->update(['stock' => $product->stock + $amount]);
        }
        foreach (self::amounts($took['stores'] ?? null, 'store', 'litres') as $id => $litres) {
            $reservoir = Reservoir::query()->where('keeper_id', $entry->keeper_id)->find($id);
            $reservoir?->update(['level' => min($reservoir->capacity, $reservoir->level + $litres)]);
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
