<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\BedPatch;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that patches of a bed were cleaned. */
final class VacuumZones
{
    /** @param list<int> $ids those of other tanks are left alone */
    public function __invoke(Tank $tank, array $ids, CarbonImmutable $at, ?int $run = null): void
    {
        DB::transaction(static function () use ($tank, $ids, $at, $run): void {
            foreach (BedPatch::query()->where('tank_id', $tank->id)->whereIn('id', $ids)->get() as $patch) {
                $patch->update(['cleaned_at' => $at]);
                $patch->cleanings()->create(['run_id' => $run, 'cleaned_at' => $at]);
            }
        });
    }
}
