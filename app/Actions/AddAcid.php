<?php

declare(strict_types=1);

namespace App\Actions;

use App\Kept\BatchAcid;
use App\Known\BatchContent;
use App\Models\Batch;
use App\Models\EntryKind;
use App\Models\Jar;
use App\Models\Keeper;
use App\Models\Tank;
use App\View\AcidPage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Keeps acid that went into a water: in the diary, on the card of the batch, and off the bottle on the shelf. */
final class AddAcid
{
    /**
     * @param bool $isInBatch whether it went into all of the batch that this water was made as
     *
     * @return bool whether the batch counts with it
     */
    public function __invoke(Keeper $keeper, Tank $tank, AcidPage $page, bool $isInBatch): bool
    {
        return DB::transaction(function () use ($keeper, $tank, $page, $isInBatch): bool {
            $entry = $keeper->entries()->create(['tank_id' => $tank->id, 'kind' => EntryKind::Dose, 'title' => $page->title(), 'body' => $page->body(), 'happened_at' => CarbonImmutable::now()]);
            $jar = AcidPage::jar($tank);
            // Another acid, or another strength, came out of another bottle.
            if ($jar?->stock !== null && $page->isOf($jar)) {
                $taken = min($jar->stock, $page->millilitres);
                Jar::query()->whereKey($jar->id)->update(['stock' => $jar->stock - $taken]);
                $entry->update(['took' => ['jars' => [['jar' => $jar->id, 'amount' => $taken]]]]);
            }
            if (!$isInBatch || $page->batch === null || $page->working === null) {
                return false;
            }
            $batch = Batch::query()->whereKey($page->batch->id)->lockForUpdate()->firstOrFail();
            $equivalents = $page->working->value('acid') * $page->litres() / max(0.1, (new BatchContent($batch))->litres());
            $entry->update(['took' => ($entry->took ?? []) + ['acid_of' => $batch->id, 'acid' => $equivalents]]);
            $batch->update(['card' => $batch->card->withAcid(new BatchAcid($page->kind()->leaves(), $equivalents, $page->kind()->protons()))]);

            return true;
        });
    }
}
