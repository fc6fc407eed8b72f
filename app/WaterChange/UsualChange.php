<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\Keeper;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\UsualWaterQuery;
use App\Tanks\WaterUseQuery;

/** The change that a tank gets when nothing else is said: its routine share, of its usual water. */
final class UsualChange
{
    public static function of(Tank $tank): ChangeInput
    {
        $waters = $tank->keeper->waters;

        return new ChangeInput(
            ChangeReason::Routine,
            ChangeInput::NITRATE_GOAL,
            null,
            ChangeInput::TREATMENT_OUT,
            AmountField::Litres,
            null,
            1,
            UsualWaterQuery::of($tank),
            $waters->firstWhere('id', $tank->second_source_water_id),
            $tank->second_share,
            $tank->water_below_rim,
            null,
        );
    }

    /** @return array<int, float> litres of one water that a usual change of each tank takes, by tank; tanks that take none are left out */
    public static function litresOf(Keeper $keeper, int $water, DraftChange $draft): array
    {
        $drawing = $inputs = $parts = [];
        $drawn = new WaterUseQuery($keeper);
        foreach ($keeper->loadMissing('waters', 'reservoirs', 'tanks.devices')->tanks as $tank) {
            $input = self::of($tank->setRelation('keeper', $keeper));
            $part = $drawn->of(self::drawn($input, 1.0))[$water] ?? 0.0;
            if ($part > 0.0) {
                [$drawing[$tank->id], $inputs[$tank->id], $parts[$tank->id]] = [$tank, $input, $part];
            }
        }
        $now = TankWaterQuery::ofMany($drawing);
        $litres = [];
        foreach ($drawing as $id => $tank) {
            $litres[$id] = $parts[$id] * $draft($tank, $inputs[$id], $now[$id])->plan->refill();
        }

        return $litres;
    }

    /** @return array<int, float> litres of each water in so many litres of what goes in */
    public static function drawn(ChangeInput $input, float $litres): array
    {
        return array_map(
            static fn(float $share): float => $litres * $share,
            WaterUseQuery::shares([$input->first->id, ...($input->second === null ? [] : [$input->second->id])], $input->secondShare),
        );
    }
}
