<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Data\BatchAcid;
use App\Models\Batch;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Tank;
use App\Tanks\BatchContent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Keeps acid that went into a water: in the log, on the card of the batch, and off the bottle in stock. */
final class AddAcid
{
    /**
     * @return bool whether the batch counts with it
     */
    public function __invoke(Keeper $keeper, Tank $tank, AcidDose $dose): bool
    {
        return DB::transaction(function () use ($keeper, $tank, $dose): bool {
            $entry = $keeper->entries()->create([
                'tank_id' => $tank->id, 'kind' => EntryKind::Dose, 'title' => $dose->title, 'body' => $dose->body,
                'happened_at' => CarbonImmutable::now(),
            ]);
            if ($dose->product?->stock !== null) {
                $taken = min($dose->product->stock, $dose->millilitres);
                Product::query()->whereKey($dose->product->id)->update(['stock' => $dose->product->stock - $taken]);
                $entry->update(['took' => ['jars' => [['jar' => $dose->product->id, 'amount' => $taken]]]]);
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
