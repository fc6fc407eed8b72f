<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\DosePlan;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Doses to be given by hand on a day, of which nobody has said yet whether they were. */
final class DosesDue
{
    /**
     * @param list<int>       $tanks
     * @param CarbonImmutable $day   in the keeper's time
     *
     * @return array<int, list<DosePlan>> by tank
     */
    public static function ofMany(array $tanks, CarbonImmutable $day): array
    {
        $noted = [];
        foreach (DB::table('doses')->whereIn('tank_id', $tanks)->where('day', $day->format('Y-m-d'))->get(['tank_id', 'jar_id']) as $row) {
            $noted[(is_numeric($row->tank_id) ? (int) $row->tank_id : 0).' '.(is_numeric($row->jar_id) ? (int) $row->jar_id : 0)] = true;
        }
        $due = [];
        foreach (DosePlan::query()->whereIn('tank_id', $tanks)->with('jar')->orderBy('id')->get() as $plan) {
            if (!$plan->by_doser && $plan->falls($day) && !isset($noted[$plan->tank_id.' '.$plan->jar_id])) {
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
