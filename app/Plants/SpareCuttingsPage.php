<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\Keeper;
use App\Models\PlantMeasurement;
use App\Models\Tank;
use App\Tanks\LightQuery;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\PlantModel;
use Cresco\Core\Plants\PlantSpecies;

/** Tops that cuts left over, and where they could go. */
final readonly class SpareCuttingsPage
{
    /** Days for which tops are listed. House default. */
    private const KEEPS = 21;

    public function __construct(private Keeper $keeper) {}

    /** @return list<array{id: int, head: string, when: string, places: list<array{text: string, fits: bool, url: string}>}> the newest first */
    public function rows(): array
    {
        $show = $this->keeper->show();
        $tanks = $this->keeper->tanks()->with(PlantModelQuery::WITH)->orderBy('name')->get();
        $looks = PlantMeasurement::query()->where('surplus', '>', 0)->where('happened_at', '>=', CarbonImmutable::now()->subDays(self::KEEPS))
            ->whereHas('plantGroup', static fn($plantGroups) => $plantGroups->whereIn('tank_id', $tanks->modelKeys()))->with('plantGroup.plantKind')
            ->orderByDesc('happened_at')->limit(60)->get();
        $rows = [];
        foreach ($looks as $look) {
            $kind = $look->plantGroup->toKind();
            $from = $tanks->firstWhere('id', $look->plantGroup->tank_id);
            $places = [];
            foreach ($tanks as $tank) {
                if ($tank->id !== $look->plantGroup->tank_id && $tank->lamps->isNotEmpty()) {
                    $places[] = self::place($tank, $kind);
                }
            }
            $rows[] = [
                'id' => $look->id, 'head' => trans_choice('plants.surplus.head', $look->surplus, ['count' => $look->surplus, 'kind' => $kind->name]),
                'when' => __('plants.surplus.when', ['tank' => $from->name ?? '', 'day' => $show->day($look->happened_at)]), 'places' => $places,
            ];
        }

        return $rows;
    }

    /** @return array{text: string, fits: bool, url: string} */
    private static function place(Tank $tank, PlantSpecies $kind): array
    {
        $light = LightQuery::tank($tank);
        $vessel = VesselQuery::tank($tank);
        $there = $light->at(max(0.0, $vessel->waterHeight() - $vessel->bed->highest()));
        $need = PlantModel::asks($kind->demand, max(1.0, $light->hours()));

        return [
            'text' => __('plants.surplus.tank', ['tank' => $tank->name, 'light' => Show::rounded($there, 0), 'need' => Show::rounded($need, 0)]),
            'fits' => $there >= $need, 'url' => '/tanks/'.$tank->id.'/plant-groups/new',
        ];
    }
}
