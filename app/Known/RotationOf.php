<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\BedPatch;
use App\Models\Tank;
use Cresco\Core\Bed\Patch;
use Cresco\Core\Bed\Rotation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Standing;
use Cresco\Core\Work\School;

/** What may be stirred of a tank's bed today, by its readings, its age and the keeper's way. */
final class RotationOf
{
    public static function tank(Tank $tank, ?TankWater $water = null): Rotation
    {
        $water ??= TankWater::of($tank);
        $state = $water->state();
        $litres = VesselOf::tank($tank)->litres();
        $age = $tank->age();
        $isYoung = $age !== null && $age < Rotation::YOUNG_DAYS;

        return new Rotation(
            max(0.0, $water->aDay()->central()),
            $litres,
            $litres * (1.0 - $tank->routine_share),
            $state->central(Parameter::Acidity, Standing::CAREFUL_PH),
            $state->central(Parameter::Temperature, $tank->warmth),
            $tank->needs()->ammoniaAlarm(),
            match (true) {
                School::Bed->of($tank->schools ?? []) === 'all' => 1.0,
                $isYoung || $tank->needs()->isSensitive() => Rotation::MOST_YOUNG,
                default => Rotation::MOST,
            },
        );
    }

    /** @return list<Patch> those to clean next; none where the bed is left alone */
    public static function next(Tank $tank, ?TankWater $water = null): array
    {
        if (School::Bed->of($tank->schools ?? []) === 'leave') {
            return [];
        }
        $patches = array_values(array_map(static fn(BedPatch $patch): Patch => $patch->toCore(), $tank->patches()->orderBy('id')->get()->all()));

        return $patches === [] ? [] : self::tank($tank, $water)->next($patches);
    }

    /** @return array<int, BedPatch> by their number on the plan, from 1 at the front left */
    public static function numbered(Tank $tank): array
    {
        $patches = $tank->patches()->withCount('cleanings')->get()->all();
        usort($patches, static fn(BedPatch $a, BedPatch $b): int => [$a->front_edge, $a->left_edge] <=> [$b->front_edge, $b->left_edge]);

        return $patches === [] ? [] : array_combine(range(1, count($patches)), $patches);
    }
}
