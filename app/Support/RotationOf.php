<?php

declare(strict_types=1);

namespace App\Support;

use App\Known\TankWater;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Bed\Patch;
use Cresco\Core\Bed\Rotation;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Rhythm\Standing;
use Cresco\Core\Work\School;

/** What may be stirred of a tank's bed today, by its readings, its age and the keeper's way. */
final class RotationOf
{
    public static function tank(Tank $tank): Rotation
    {
        $water = TankWater::of($tank);
        $state = $water->state();
        $litres = VesselOf::tank($tank)->litres();
        $isYoung = $tank->started_on !== null && $tank->started_on->diffInDays(CarbonImmutable::now()) < Rotation::YOUNG_DAYS;

        return new Rotation(
            max(0.0, $water->made()->value),
            $litres,
            $litres * (1.0 - $tank->routine_share),
            $state->central(Parameter::Acidity, Standing::CAREFUL_PH),
            $state->central(Parameter::Temperature, $tank->warmth),
            $tank->animals->ammoniaAlarm(),
            match (true) {
                School::Bed->of($tank->schools ?? []) === 'all' => 1.0,
                $isYoung || $tank->animals->isSensitive() => Rotation::MOST_YOUNG,
                default => Rotation::MOST,
            },
        );
    }

    /** @return list<Patch> those to clean next; none where the bed is left alone */
    public static function next(Tank $tank): array
    {
        $patches = array_values(array_map(static fn($patch): Patch => $patch->toCore(), $tank->patches()->orderBy('id')->get()->all()));

        return School::Bed->of($tank->schools ?? []) === 'leave' ? [] : self::tank($tank)->next($patches);
    }
}
