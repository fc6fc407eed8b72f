<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\BedPatch;
use App\Models\Tank;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concerns;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Substrate\ZoneRotation;

/** What may be stirred of a tank's bed today, by its readings, its age and the keeper's way. */
final class ZoneRotationQuery
{
    public static function tank(Tank $tank, ?TankWaterQuery $water = null): ZoneRotation
    {
        $water ??= TankWaterQuery::of($tank);
        $state = $water->state();
        $litres = VesselQuery::tank($tank)->litres();
        $age = $tank->age();
        $isYoung = $age !== null && $age < ZoneRotation::YOUNG_DAYS;

        return new ZoneRotation(
            max(0.0, $water->aDay()->central()),
            $litres,
            $litres * (1.0 - $tank->routine_share),
            $state->central(Parameter::Acidity, Concerns::CAREFUL_PH),
            $state->central(Parameter::Temperature, $tank->warmth),
            $tank->needs()->ammoniaAlarm(),
            match (true) {
                PracticeChoice::Bed->of($tank->schools ?? []) === 'all' => 1.0,
                $isYoung || $tank->needs()->isSensitive() => ZoneRotation::MOST_YOUNG,
                default => ZoneRotation::MOST,
            },
        );
    }

    /** @return list<Zone> those to clean next; none where the bed is left alone */
    public static function next(Tank $tank, ?TankWaterQuery $water = null): array
    {
        if (PracticeChoice::Bed->of($tank->schools ?? []) === 'leave') {
            return [];
        }
        $patches = array_values(array_map(static fn(BedPatch $patch): Zone => $patch->toCore(), $tank->patches()->orderBy('id')->get()->all()));

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
