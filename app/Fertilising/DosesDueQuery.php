<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\DosePlan;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Doses to be given by hand on a day, of which nobody has said yet whether they were. */
final class DosesDueQuery
{
    /**
     * @param list<int>       $tanks
     * @param CarbonImmutable $day   in the keeper's time
     *
     * @return array<int, list<DosePlan>> by tank
     */
    public static function ofMany(array $tanks, CarbonImmutable $day): array
    {
        $noted = DB::table('doses')->whereColumn('doses.tank_id', 'dose_plans.tank_id')->whereColumn('doses.product_id', 'dose_plans.product_id')
            ->where('doses.day', $day->format('Y-m-d'));
        $due = [];
        foreach (DosePlan::query()->whereIn('tank_id', $tanks)->where('by_doser', false)->whereNotExists($noted)->with('product')->orderBy('id')
            ->get() as $plan) {
            if ($plan->falls($day)) {
                $due[$plan->tank_id][] = $plan;
            }
        }

        return $due;
    }

    /** @return list<DosePlan> */
    public static function of(Tank $tank, CarbonImmutable $day): array
    {
        return self::ofMany([$tank->id], $day)[$tank->id] ?? [];
    }
}
