<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\SubstrateZone;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that zones of a substrate were cleaned. */
final class VacuumZones
{
    /** @param list<int> $ids those of other tanks are left alone */
    public function __invoke(Tank $tank, array $ids, CarbonImmutable $at, ?int $checklist = null): void
    {
        DB::transaction(static function () use ($tank, $ids, $at, $checklist): void {
            foreach (SubstrateZone::query()->where('tank_id', $tank->id)->whereIn('id', $ids)->get() as $zone) {
                $zone->update(['cleaned_at' => $at]);
                $zone->cleanings()->create(['checklist_id' => $checklist, 'cleaned_at' => $at]);
            }
        });
    }
}
