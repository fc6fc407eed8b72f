<?php

declare(strict_types=1);

namespace App\Today;

use App\Fertilising\FertilisingQuery;
use App\Models\Analysis;
use App\Models\Keeper;
use App\Plants\LightPage;
use App\Schedule\JobsQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;

/** The main pages of a keeper, made once and thrown away: records that would break one of them are found before they are kept. */
final class MainPages
{
    public static function of(Keeper $keeper): void
    {
        $jobs = JobsQuery::of($keeper);
        TodayPage::of($jobs);
        $jobs->ahead();
        foreach ($keeper->tanks()->pluck('id') as $id) {
            $tank = $keeper->tanks()->whereKey($id)->firstOrFail()->setRelation('keeper', $keeper);
            VesselQuery::tank($tank)->litres();
            TankWaterQuery::of($tank);
            PlantModelQuery::orNone($tank);
            FertilisingQuery::tank($tank);
            new LightPage($tank);
        }
        foreach ($keeper->benchProducts() as $product) {
            $product->toCore();
        }
        foreach (Analysis::query()->where('keeper_id', $keeper->id)->get() as $analysis) {
            $analysis->toCore();
        }
    }
}
