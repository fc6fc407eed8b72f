<?php

declare(strict_types=1);

namespace App\Actions;

use App\Known\VesselOf;
use App\Models\Dose;
use App\Models\Jar;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that a tank was given of a jar, or was not: once a day for each jar, the last word counts. What was given leaves the shelf and stands in the diary. */
final class GiveDose
{
    /** @param float $amount in the unit of the jar */
    public function __invoke(Tank $tank, Jar $jar, float $amount, CarbonImmutable $at, bool $isMissed): Dose
    {
        $feed = $jar->toFeed($tank->keeper->scale_step);
        $litres = VesselOf::tank($tank)->litres();
        $day = $tank->keeper->show()->local($at)->format('Y-m-d');

        return DB::transaction(static function () use ($tank, $jar, $amount, $at, $isMissed, $feed, $litres, $day): Dose {
            $before = $tank->doses()->where('jar_id', $jar->id)->where('day', $day)->first();
            $used = ($isMissed ? 0.0 : $amount) - ($before === null || $before->missed ? 0.0 : $before->amount);
            if ($jar->stock !== null && $used !== 0.0) {
                $jar->update(['stock' => max(0.0, $jar->stock - $used)]);
            }
            $before?->delete();
            /** @var Dose $dose */
            $dose = $tank->doses()->create([
                'jar_id' => $jar->id, 'name' => $jar->name, 'amount' => $amount, 'unit' => $jar->unit, 'given_at' => $at, 'day' => $day, 'missed' => $isMissed,
                'brings' => array_map(static fn(float $milligrams): float => $milligrams * $amount / max(0.01, $litres), $feed->milligrams ?? []),
            ]);

            return $dose;
        });
    }
}
