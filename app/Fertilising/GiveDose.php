<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\Dose;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Product;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\View\Names;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that a tank was given of a product, or was not: once a day for each product, the last word counts. What was given leaves the shelf and stands in the log. */
final class GiveDose
{
    /** @param float $amount in the unit of the product */
    public function __invoke(Tank $tank, Product $product, float $amount, CarbonImmutable $at, bool $isMissed): Dose
    {
        $feed = $product->toFeed($tank->keeper->scale_step);
        $litres = VesselQuery::tank($tank)->litres();
        $day = $tank->keeper->show()->local($at)->format('Y-m-d');

        return DB::transaction(static function () use ($tank, $product, $amount, $at, $isMissed, $feed, $litres, $day): Dose {
            $before = $tank->doses()->where('product_id', $product->id)->where('day', $day)->first();
            if ($before !== null) {
                self::undo($before);
            }
            $taken = $isMissed ? 0.0 : self::take($product->id, $amount);
            /** @var Dose $dose */
            $dose = $tank->doses()->create([
                'product_id' => $product->id, 'entry_id' => $isMissed
                    ? null
                    : self::writtenDown($tank, $product, $amount, $at), 'name' => $product->name, 'amount' => $amount, 'unit' => $product
                        ->unit, 'given_at' => $at, 'day' => $day, 'missed' => $isMissed, 'taken' => $taken,
                'brings' => array_map(static fn(float $milligrams): float => $milligrams * $amount / max(0.01, $litres), $feed->milligrams ?? []),
            ]);

            return $dose;
        });
    }

    /** It was noted by mistake: what it took from stock stands there again. */
    public function takeBack(Dose $dose): void
    {
        DB::transaction(static fn() => self::undo($dose));
    }

    private static function writtenDown(Tank $tank, Product $product, float $amount, CarbonImmutable $at): int
    {
        return $tank->keeper->entries()->create(['tank_id' => $tank->id, 'kind' => EntryKind::Dose, 'happened_at' => $at, 'title' => mb_substr(
            Names::dose($amount, $product).' '.$product->name,
            0,
            160,
        )])->id;
    }

    private static function undo(Dose $dose): void
    {
        Entry::query()->whereKey($dose->entry_id)->delete();
        if ($dose->product_id !== null && !$dose->missed) {
            self::take($dose->product_id, -($dose->taken ?? $dose->amount));
        }
        $dose->delete();
    }

    /** @return float what really left the stock: no more than was there; below nothing for what comes back */
    private static function take(int $id, float $amount): float
    {
        $product = Product::query()->whereKey($id)->first();
        if ($product === null || $product->stock === null) {
            return 0.0;
        }
        $taken = min($product->stock, $amount);
        if ($taken !== 0.0) {
            $product->update(['stock' => $product->stock - $taken]);
        }

        return $taken;
    }
}
