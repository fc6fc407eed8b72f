<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\Tank;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Tank\Needs;
use RuntimeException;

/** Which of a keeper's waters suits animals best, as long as nobody has said which one goes in. */
final class UsualWaterQuery
{
    /**
     * The water that usually goes into a tank: the one that its keeper named, else the one that suits.
     *
     * @throws RuntimeException when the keeper has no water at all
     */
    public static function of(Tank $tank): SourceWater
    {
        return $tank->keeper->waters
            ->firstWhere('id', $tank->source_water_id) ?? self::for($tank->keeper, $tank->needs()) ?? throw new RuntimeException('There is no water.');
    }

    public static function for(Keeper $keeper, Needs $needs): ?SourceWater
    {
        $waters = $keeper->waters;
        $readings = LatestResultsQuery::ofWaters(array_values(array_map(intval(...), $waters->modelKeys())));
        $best = null;
        $least = INF;
        foreach ($waters as $water) {
            $known = array_map(static fn($reading): float => $reading->value, $readings[$water->id] ?? []);
            if ($water->kind->isBare()) {
                $known += [Parameter::GeneralHardness->value => 0.0, Parameter::CarbonateHardness->value => 0.0];
            }
            $off = $needs->distance($known);
            if ($off < $least) {
                [$best, $least] = [$water, $off];
            }
        }

        return $best ?? $waters->first();
    }
}
