<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Data\BatchProduct;
use App\Data\BatchRecord;
use App\Data\BatchWater;
use App\Models\Batch;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use Cresco\Core\Checklist\Caution;
use Cresco\Core\Mixing\BatchSource;
use Cresco\Core\Mixing\RecipeAim;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Illuminate\Support\Facades\DB;

/** Writes the card of a batch, and names the water that it makes. */
final class WriteBatch
{
    public function __invoke(Keeper $keeper, MixingDraft $draft): Batch
    {
        return DB::transaction(function () use ($keeper, $draft): Batch {
            $water = $this->water($keeper, $draft->input->tank);
            $batch = new Batch([
                'tank_id' => $draft->input->tank?->id, 'source_water_id' => $water->id, 'litres' => $draft->input->litres,
                'card' => self::card($draft, $water->name),
            ]);
            $batch->keeper_id = $keeper->id;
            $batch->save();

            return $batch;
        });
    }

    /** The store that a tank is fed from, or a water of its own that is made up. */
    private function water(Keeper $keeper, ?Tank $tank): SourceWater
    {
        $own = $keeper->waters()->whereKey($tank?->source_water_id)->where('kind', SourceWaterKind::MadeUp)->first();
        $name = (string) ($tank === null ? __('bench.mix') : __('bench.mix_of', ['tank' => mb_substr($tank->name, 0, 56)]));

        return $own ?? $keeper->waters()->firstOrCreate(['name' => $name, 'kind' => SourceWaterKind::MadeUp], ['note' => __('said.done.made_up')]);
    }

    private static function card(MixingDraft $draft, string $name): BatchRecord
    {
        $batch = $draft->batch;
        $litres = $draft->input->litres;
        $sources = [];
        foreach ($batch->recipe->sources as $i => $source) {
            if ($batch->recipe->shares[$i] > 0.005) {
                $sources[] = new BatchWater($source->name, $batch->recipe->shares[$i] * $litres, (int) $source->key);
            }
        }
        $products = [];
        // Poured straight in, the buffer goes first: pH is held before the rest follows.
        foreach ($draft->input->isDirect ? array_reverse($batch->order()) : $batch->order() as $j) {
            $product = $draft->products[$j];
            $salt = $product->toCore()->salt;
            $spoon = $draft->spoons[$j] ?? null;
            $products[] = new BatchProduct(
                $product->id,
                $product->name,
                $salt === null ? '' : $salt->formula,
                $product->unit,
                $batch->amounts[$j],
                $spoon?->mean,
                $salt === null ? 5 : $salt->minutes,
                $salt === null ? '' : $salt->key,
                array_map(static fn(Caution $caution): string => $caution->value, $salt === null ? [] : $salt->cautions),
            );
        }
        $ions = [];
        foreach (Ion::cases() as $ion) {
            if ($batch->water->ions->of($ion) > 0.0) {
                $ions[$ion->value] = $batch->water->ions->of($ion);
            }
        }

        return new BatchRecord(
            name: $name,
            animals: $draft->input->animals->value,
            step: $draft->input->step,
            direct: $draft->input->isDirect,
            sources: $sources,
            products: $products,
            start: $batch->start(),
            soft: min([10000.0, ...array_map(
                static fn(BatchSource $source): float => $source->measured ?? Conductance::of($source->ions)->microsiemens,
                $batch->recipe->sources,
            )]),
            target: array_filter(array_combine(
                array_map(static fn(RecipeAim $aim): string => $aim->value, RecipeAim::cases()),
                array_map(static fn(RecipeAim $aim): ?float => $draft->input->target->value($aim), RecipeAim::cases()),
            ), static fn(?float $value): bool => $value !== null),
            conductivity: $batch->water->conductivity,
            doubt: $batch->water->doubt(),
            ratio: $batch->water->value(RecipeAim::Ratio),
            ions: $ions,
            isHardnessKnown: $batch->water->isKnown(RecipeAim::Hardness),
        );
    }
}
