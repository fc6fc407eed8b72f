<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\PlantGroup;
use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Plants\CutRule;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantModel;
use Illuminate\Support\Facades\DB;

/** Writes down how tall plant groups were found and how they were left, beside what had been forecast. */
final class RecordPlantMeasurements
{
    /**
     * @param array<int, array{height: float, cover: float, before: float|null, coverBefore: float|null, guessed: bool, replanted: int}> $found      by plant group, mm and 0 to 1
     * @param bool                                                                                                                       $isForecast whether the forecast is kept beside it
     *
     * @return int how many were kept
     */
    public function __invoke(Tank $tank, array $found, CarbonImmutable $at, ?int $checklist = null, bool $isForecast = true): int
    {
        $planting = $isForecast && $found !== [] ? PlantModelQuery::tank($tank) : null;
        $kept = 0;
        DB::transaction(function () use ($tank, $found, $at, $checklist, $planting, &$kept): void {
            foreach ($found as $id => $one) {
                $plantGroup = PlantGroup::query()->standing()->where('tank_id', $tank->id)->whereKey($id)->first();
                if ($plantGroup === null || ($checklist !== null && $plantGroup->looks()->where('checklist_id', $checklist)->exists())) {
                    continue;
                }
                $core = $planting?->plantGroups[$id] ?? null;
                $half = 1.2816 * ($core->off ?? 0.0);
                $ofCover = $one['coverBefore'] !== null || $core?->floats() === true;
                $plantGroup->looks()->create([
                    'checklist_id' => $checklist, 'happened_at' => $at, 'height' => $one['height'], 'cover' => $one['cover'], 'before' => $one['before'], 'cover_before' => $one['coverBefore'], 'guessed' => $one['guessed'],
                    'foreseen' => $core === null ? null : ($ofCover ? $core->cover : $core->height),
                    'foreseen_low' => $core === null || $ofCover ? null : max(1.0, $core->height - $half),
                    'foreseen_high' => $core === null || $ofCover ? null : $core->height + $half,
                    'replanted' => $one['replanted'],
                    'surplus' => $core === null || $planting === null
                        ? 0
                        : max(0, self::tops($planting, $core, $one['before'], $one['height']) - $one['replanted']),
                ]);
                $plantGroup->update(['looked_at' => CarbonImmutable::now()]);
                ++$kept;
            }
        });

        return $kept;
    }

    private static function tops(PlantModel $planting, GrowingGroup $plantGroup, ?float $before, float $height): int
    {
        if ($before === null || $plantGroup->form->entry()->cutBy !== CutRule::Height || $height >= $before) {
            return 0;
        }
        $high = max(1.0, min($before, $plantGroup->ceiling));

        return $planting->cut($plantGroup->at($high), PlantModel::BETWEEN_CUTS, max(1.0, min($height, $high)))->tops;
    }
}
