<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\Phrase;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;

/** How much dechlorinator some litres of tap water need, of the product that was last used. */
final class DechlorinatorDose
{
    /** @param float $litres of tap water, or of the whole tank */
    public static function words(ChangeDraft $draft, float $litres): Phrase
    {
        return self::of($draft->tank->keeper, $litres, SessionPlan::chlorine($draft));
    }

    /** For all of the water of a tank. */
    public static function ofTank(Tank $tank): Phrase
    {
        return self::of($tank->keeper, VesselQuery::tank($tank)->litres(), self::chlorine($tank));
    }

    private static function of(Keeper $keeper, float $litres, float $chlorine): Phrase
    {
        $product = self::product($keeper);

        return $product === null ? Phrase::of('run.by_label') : Phrase::of('run.of', [
            'amount' => $product->doseUnit()->text(
                $product->coreConditioner()->dose($litres, $chlorine)->value('dose'),
                $keeper->show(),
            ), 'name' => $product->name,
        ]);
    }

    /** The one that was last used of those that are not used up; before any was used the one that was last written of. */
    public static function product(Keeper $keeper): ?Product
    {
        return $keeper->products->filter(static fn(Product $product): bool => $product->isConditioner())->sortByDesc(static fn(Product $product): array => [
            $product->stock === null || $product->stock > 0.0, $product->used_at, $product->updated_at, $product->id,
        ])->first();
    }

    /** mg/L of chlorine last read in the tap water of a tank, on the careful side; nothing when none was read. */
    public static function chlorine(Tank $tank): float
    {
        $waters = $tank->keeper->waters->whereIn('id', [$tank->source_water_id, $tank->second_source_water_id]);
        $waters = $waters->isEmpty() ? $tank->keeper->waters : $waters;
        $known = WatersQuery::around($tank, array_values(array_map(intval(...), $waters->modelKeys())));

        return $waters->reduce(static fn(float $most, SourceWater $water): float => max($most, $known->chlorine($water)), 0.0);
    }
}
