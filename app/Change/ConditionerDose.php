<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\LatestReadings;
use App\Known\VesselOf;
use App\Models\Jar;
use App\Models\Keeper;
use App\Models\Tank;
use App\Models\Water;
use App\Models\WaterKind;
use Cresco\Core\Change\Conditioner;
use Cresco\Core\Measure\Parameter;

/** How much of the conditioner on the shelf some litres of tap water take. */
final class ConditionerDose
{
    /** @param float $litres of tap water, or of the whole tank */
    public static function words(Draft $draft, float $litres): string
    {
        return self::of($draft->tank->keeper, $litres);
    }

    private static function of(Keeper $keeper, float $litres): string
    {
        $jar = self::jar($keeper);

        return $jar === null ? (string) __('run.by_label') : (string) __('run.of', ['amount' => $keeper->show()->liquid(self::millilitres($jar, self::chlorine($keeper), $litres)), 'name' => $jar->name]);
    }

    /** For all of the water of a tank. */
    public static function ofTank(Tank $tank): string
    {
        return self::of($tank->keeper, VesselOf::tank($tank)->litres());
    }

    public static function millilitres(Jar $jar, float $chlorine, float $litres): float
    {
        return $jar->coreConditioner()->dose($litres, $chlorine)->value('dose');
    }

    /** The conditioner on the keeper's shelf that there is most of. */
    public static function jar(Keeper $keeper): ?Jar
    {
        return $keeper->jars->filter(static fn(Jar $jar): bool => $jar->isConditioner())->sortByDesc(static fn(Jar $jar): float => $jar->stock ?? INF)->first();
    }

    /** mg/L of chlorine last read in any of the keeper's taps, on the careful side; nothing when none was read, which leaves the dose of the label. */
    public static function chlorine(Keeper $keeper): float
    {
        $taps = $keeper->waters->filter(static fn(Water $water): bool => $water->kind === WaterKind::Tap);
        $most = 0.0;
        foreach (LatestReadings::ofWaters(array_values(array_map(intval(...), $taps->modelKeys()))) as $readings) {
            $most = max($most, ($readings[Parameter::Chlorine->value] ?? null)?->toCore()->distribution()->quantile(0.9) ?? 0.0);
        }

        return $most;
    }
}
