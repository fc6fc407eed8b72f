<?php

declare(strict_types=1);

namespace App\Known;

use App\Kept\BatchSource;
use App\Models\Batch;
use App\Models\Keeper;

/** Which waters it takes to fill up with one. */
final class WaterDrawn
{
    /**
     * Litres of one water more; one that is made up comes out of the waters of its newest batch, unless it has a store of
     * its own.
     *
     * @param array<int, float> $drawn
     *
     * @return array<int, float>
     */
    public static function plus(Keeper $keeper, array $drawn, int $water, float $litres): array
    {
        if ($litres <= 0.0) {
            return $drawn;
        }
        $batch = $keeper->stores->contains('water_id', $water) ? null : Batch::query()->where('water_id', $water)->latest('id')->first();
        $sources = $batch === null ? [] : array_filter($batch->card->sources, static fn(BatchSource $source): bool => $source->water !== null && $source->water !== $water);
        $sum = array_sum(array_map(static fn(BatchSource $source): float => $source->litres, $sources));
        if ($sum <= 0.0) {
            $drawn[$water] = ($drawn[$water] ?? 0.0) + $litres;

            return $drawn;
        }
        foreach ($sources as $source) {
            $drawn[(int) $source->water] = ($drawn[(int) $source->water] ?? 0.0) + $litres * $source->litres / $sum;
        }

        return $drawn;
    }
}
