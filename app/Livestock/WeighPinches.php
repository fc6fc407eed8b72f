<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Mixing\Spoon;
use Illuminate\Support\Facades\DB;

/** Keeps what pinches of food weighed; where the animals are fed by pinches, the grams of a day follow. */
final class WeighPinches
{
    public function add(Tank $tank, int $pinches, float $grams): void
    {
        DB::transaction(static function () use ($tank, $pinches, $grams): void {
            $tank->pinchTrials()->create(['pinches' => $pinches, 'grams_each' => Spoon::weighed($grams, $pinches), 'taken_at' => CarbonImmutable::now()]);
            self::follow($tank);
        });
    }

    public function takeOut(Tank $tank, int $trial): void
    {
        DB::transaction(static function () use ($tank, $trial): void {
            $tank->pinchTrials()->whereKey($trial)->firstOrFail()->delete();
            self::follow($tank);
        });
    }

    /** Grams of so many pinches; null before any was weighed. */
    public static function grams(Tank $tank, float $pinches): ?float
    {
        $pinch = $tank->pinch();

        return $pinch === null ? null : $pinches * $pinch->mean;
    }

    private static function follow(Tank $tank): void
    {
        $pinches = $tank->unsetRelation('pinchTrials')->food_pinches;
        $grams = $pinches === null ? null : self::grams($tank, $pinches);
        if ($grams !== null) {
            $tank->update(['food_grams' => $grams]);
        }
    }
}
