<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Device;
use App\Models\Lamp;
use App\Models\LightDay;
use App\Models\LightReading;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Light\LightField;
use Cresco\Core\Plants\Growth;
use Cresco\Core\Tank\DeviceKind;

/** The light over a tank and the carbon dioxide in it, from its lamps and what was read. */
final class LightQuery
{
    /** Hours of light taken for a tank whose lamp nobody has set up. House default. */
    public const HOURS = 8.0;

    /** Days over which the hours that were given are averaged. House default. */
    private const DAYS = 14;

    public static function tank(Tank $tank): LightField
    {
        return new LightField(
            array_values($tank->lamps->map(static fn(Lamp $lamp) => $lamp->toCore())->all()),
            VesselQuery::tank($tank)->plan,
            $tank->glass_cover,
            $tank->water_tint,
            array_values($tank->lightReadings->map(static fn(LightReading $reading) => $reading->toCore())->all()),
        );
    }

    /** mg/L while the lamps are on: the keeper's figure, or what is usual with gas and without. */
    public static function carbonDioxide(Tank $tank): float
    {
        $hasGas = $tank->devices->contains(static fn(Device $device): bool => $device->kind === DeviceKind::CarbonDioxide);

        return $tank->carbon_dioxide ?? ($hasGas ? Growth::WITH_GAS : Growth::WITHOUT_GAS);
    }

    /**
     * Hours at full light a day that were really given, as the mean over the last two weeks: as the lamps are set, but for days that were noted.
     *
     * @return array{float, int} hours, and days that were noted
     */
    public static function given(Tank $tank, LightField $light): array
    {
        $set = $light->hours() > 0.0 ? $light->hours() : self::HOURS;
        $ramp = max(0.0, $light->day() - $light->hours());
        $noted = $tank->lightDays()->where('day', '>', CarbonImmutable::now()->subDays(self::DAYS)->format('Y-m-d'))->get();
        $sum = $set * (self::DAYS - $noted->count()) + $noted->sum(static fn(LightDay $day): float => max(0.0, $day->hours - $ramp));

        return [$sum / self::DAYS, $noted->count()];
    }
}
