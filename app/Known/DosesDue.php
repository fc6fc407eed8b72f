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
        $noted = DB::table('doses')->whereColumn('doses.tank_id', 'dose_plans.tank_id')->whereColumn('doses.jar_id', 'dose_plans.jar_id')->where('doses.day', $day->format('Y-m-d'));
        $due = [];
        foreach (DosePlan::query()->whereIn('tank_id', $tanks)->where('by_doser', false)->whereNotExists($noted)->with('jar')->orderBy('id')->get() as $plan) {
            if ($plan->falls($day)) {
                $due[$plan->tank_id][] = $plan;
            }
        }

        return $due;
    }

    /**
     * Tanks that are given something by hand, on each of the days to come; on the first, those of which nobody has said whether they were.
     *
     * @param list<int>       $tanks
     * @param CarbonImmutable $first in the keeper's time
     * @param int             $days  0 and more
     *
     * @return array<int, list<int>> tanks by day, counted from the first; days without are left out
     */
    public static function byDay(array $tanks, CarbonImmutable $first, int $days): array
    {
        $found = [];
        $open = self::ofMany($tanks, $first);
        if ($open !== []) {
            $found[0] = array_keys($open);
        }
        foreach (DosePlan::query()->whereIn('tank_id', $tanks)->where('by_doser', false)->orderBy('tank_id')->orderBy('id')->get() as $plan) {
            $last = min($days - 1, $plan->endsIn($first) ?? $days);
            for ($day = $plan->next($first) ?? $days; $day <= $last; $day += max(1, $plan->every)) {
                // Of today those count that nobody has noted yet.
                if ($day > 0 && !in_array($plan->tank_id, $found[$day] ?? [], true)) {
                    $found[$day][] = $plan->tank_id;
                }
            }
        }

        return $found;
    }

    /** @return list<DosePlan> */
    public static function of(Tank $tank, CarbonImmutable $day): array
    {
        return self::ofMany([$tank->id], $day)[$tank->id] ?? [];
    }
}
