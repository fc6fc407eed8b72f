<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\UsualWater;
use App\Models\Tank;

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
            UsualWater::of($tank),
            $waters->firstWhere('id', $tank->second_water_id),
            $tank->second_share,
            $tank->water_below_rim,
            null,
        );
    }
}
