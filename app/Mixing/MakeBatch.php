<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Data\BatchProduct;
use App\Data\BatchWater;
use App\Data\Phrase;
use App\Models\Batch;
use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Reservoir;
use App\Tanks\BatchContent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Notes that a batch was made: what it took leaves the shelf and the reservoir, and the log has it. It may be called twice;
 * only the first call counts.
 */
final class MakeBatch
{
    /** @return bool whether this call was the one */
    public function __invoke(Keeper $keeper, Batch $batch): bool
    {
        return DB::transaction(function () use ($keeper, $batch): bool {
            $now = CarbonImmutable::now();
            if (Batch::query()->whereKey($batch->id)->whereNull('made_at')->update(['made_at' => $now]) !== 1) {
                return false;
            }
            $batch->refresh();
            $content = new BatchContent($batch);
            $took = ['made' => $batch->id, 'jars' => [], 'stores' => []];
            foreach ($content->products() as $product) {
                $there = Product::query()->whereKey($product->productId)->where('keeper_id', $keeper->id)->whereNotNull('stock')->first();
                $taken = min((float) $there?->stock, $product->amount * $content->timesProducts());
                $there?->update(['stock' => $there->stock - $taken]);
                $took['jars'][] = ['jar' => $there?->id, 'amount' => $taken];
            }
            foreach ($content->sources() as $source) {
                foreach (Reservoir::query()->where('keeper_id', $keeper->id)->whereNotNull('source_water_id')
                    ->where('source_water_id', $source->water)->get() as $reservoir) {
                    $taken = min($reservoir->level, $source->litres);
                    $reservoir->update(['level' => $reservoir->level - $taken]);
                    $took['stores'][] = ['store' => $reservoir->id, 'litres' => $taken];
                }
            }
            $show = $keeper->show();
            $keeper->entries()->create([
                'source_water_id' => $batch->source_water_id,
                'kind' => EntryKind::Work,
                'title' => Phrase::of('run.entry.made', ['litres' => $show->volume($content->litres()), 'name' => $content->name()]),
                'body' => implode('; ', array_filter([
                    implode(', ', array_map(static fn(BatchWater $source): string => $show->volume($source->litres, 1).' '.$source->name, $content->sources())),
                    implode(
                        ', ',
                        array_map(
                            static fn(BatchProduct $product): string => sprintf(
                                '%.1f %s %s',
                                $product->amount * $content->timesProducts(),
                                $product->unit,
                                $product->name,
                            ),
                            $content->products(),
                        ),
                    ),
                ])),
                'happened_at' => $now,
                'took' => $took,
            ]);

            return true;
        });
    }
}
