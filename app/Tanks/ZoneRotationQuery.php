<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\SubstrateZone;
use App\Models\Tank;
use Cresco\Core\Checklist\PracticeChoice;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concerns;
use Cresco\Core\Substrate\Zone;
use Cresco\Core\Substrate\ZoneRotation;

/** What may be stirred of a tank's substrate today, by its readings, its age and the keeper's way. */
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

    /** @return list<Zone> those to clean next; none where the substrate is left alone */
    public static function next(Tank $tank, ?TankWaterQuery $water = null): array
    {
        if (PracticeChoice::Bed->of($tank->schools ?? []) === 'leave') {
            return [];
        }
        $zones = array_values(array_map(static fn(SubstrateZone $zone): Zone => $zone->toCore(), $tank->zones()->orderBy('id')->get()->all()));

        return $zones === [] ? [] : self::tank($tank, $water)->next($zones);
    }

    /** @return array<int, SubstrateZone> by their number on the plan, from 1 at the front left */
    public static function numbered(Tank $tank): array
    {
        $zones = $tank->zones()->withCount('cleanings')->get()->all();
        usort($zones, static fn(SubstrateZone $a, SubstrateZone $b): int => [$a->front_edge, $a->left_edge] <=> [$b->front_edge, $b->left_edge]);

        return $zones === [] ? [] : array_combine(range(1, count($zones)), $zones);
    }
}
