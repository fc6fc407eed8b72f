<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Data\BatchAcid;
use App\Models\Batch;
use App\Models\EntryKind;
use App\Models\Jar;
use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\BatchContent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Keeps acid that went into a water: in the diary, on the card of the batch, and off the bottle on the shelf. */
final class AddAcid
{
    /**
     * @return bool whether the batch counts with it
     */
    public function __invoke(Keeper $keeper, Tank $tank, AcidDose $dose): bool
    {
        return DB::transaction(function () use ($keeper, $tank, $dose): bool {
            $entry = $keeper->entries()->create(['tank_id' => $tank->id, 'kind' => EntryKind::Dose, 'title' => $dose->title, 'body' => $dose->body, 'happened_at' => CarbonImmutable::now()]);
            if ($dose->jar?->stock !== null) {
                $taken = min($dose->jar->stock, $dose->millilitres);
                Jar::query()->whereKey($dose->jar->id)->update(['stock' => $dose->jar->stock - $taken]);
                $entry->update(['took' => ['jars' => [['jar' => $dose->jar->id, 'amount' => $taken]]]]);
            }
            if ($dose->batch === null) {
                return false;
            }
            $batch = Batch::query()->whereKey($dose->batch->id)->lockForUpdate()->firstOrFail();
            $equivalents = $dose->equivalents / max(0.1, (new BatchContent($batch))->litres());
            $entry->update(['took' => ($entry->took ?? []) + ['acid_of' => $batch->id, 'acid' => $equivalents]]);
            $batch->update(['card' => $batch->card->withAcid(new BatchAcid($dose->kind->leaves(), $equivalents, $dose->kind->protons()))]);

            return true;
        });
    }
}
