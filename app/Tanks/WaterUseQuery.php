<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Data\BatchWater;
use App\Models\Batch;
use App\Models\Keeper;

/** Of which waters at a keeper's it is drawn what a change takes. */
final class WaterUseQuery
{
    /** @var array<int, Batch>|null the newest of each water */
    private ?array $newest = null;

    public function __construct(private readonly Keeper $keeper) {}

    /**
     * Shares of the waters of a change.
     *
     * @param list<int> $waters one or two
     * @param float     $second share of the second, 0 to 1
     *
     * @return array<int, float> by water; those that have none are left out
     */
    public static function shares(array $waters, float $second): array
    {
        $second = max(0.0, min(1.0, $second));
        $shares = [];
        foreach ($waters as $at => $water) {
            $shares[$water] = ($shares[$water] ?? 0.0) + (count($waters) < 2 ? 1.0 : ($at === 0 ? 1.0 - $second : $second));
        }

        return array_filter($shares, static fn(float $share): bool => $share > 0.0);
    }

    /**
     * @param array<int, float> $litres of each water that goes in
     *
     * @return array<int, float> litres by the water that they are drawn of
     */
    public function of(array $litres): array
    {
        $drawn = [];
        foreach ($litres as $water => $part) {
            $drawn = $this->plus($drawn, $water, $part);
        }

        return $drawn;
    }

    /**
     * Litres of one water more; one that is made up comes out of the waters of its newest batch, unless it has a reservoir of
     * its own.
     *
     * @param array<int, float> $drawn
     *
     * @return array<int, float>
     */
    private function plus(array $drawn, int $water, float $litres): array
    {
        if ($litres <= 0.0) {
            return $drawn;
        }
        $batch = $this->keeper->reservoirs->contains('source_water_id', $water) ? null : $this->newest()[$water] ?? null;
        $sources = $batch === null
            ? []
            : array_filter($batch->card->sources, static fn(BatchWater $source): bool => $source->water !== null && $source->water !== $water);
        $sum = array_sum(array_map(static fn(BatchWater $source): float => $source->litres, $sources));
        if ($sum <= 0.0) {
            $drawn[$water] = ($drawn[$water] ?? 0.0) + $litres;

            return $drawn;
        }
        foreach ($sources as $source) {
            $drawn[(int) $source->water] = ($drawn[(int) $source->water] ?? 0.0) + $litres * $source->litres / $sum;
        }

        return $drawn;
    }

    /** @return array<int, Batch> by water */
    private function newest(): array
    {
        if ($this->newest === null) {
            $this->newest = [];
            $last = Batch::query()->where('keeper_id', $this->keeper->id)->whereNotNull('source_water_id')->groupBy('source_water_id')->selectRaw('max(id)');
            foreach (Batch::query()->whereIn('id', $last)->get() as $batch) {
                $this->newest[(int) $batch->source_water_id] = $batch;
            }
        }

        return $this->newest;
    }
}
