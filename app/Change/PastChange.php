<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\TankWater;
use App\Known\VesselOf;
use App\Known\Waters;
use App\Models\Tank;
use App\Models\Water;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\ChangePlan;
use Cresco\Core\Change\Forecast;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;

/** A change that was made without a sheet, reckoned from what was known of tank and water before it. */
final readonly class PastChange
{
    private function __construct(public float $litres, public float $share, public string $source, public Forecast $forecast) {}

    /** @param float $litres that were taken out, above 0 to what is in the tank */
    public static function of(Tank $tank, Water $first, ?Water $second, float $secondShare, float $litres, CarbonImmutable $at): self
    {
        $vessel = VesselOf::tank($tank);
        $now = TankWater::of($tank, $at);
        $source = Waters::on($now, array_values(array_filter([$first->id, $second?->id])), $at)->blend($first, $second, $secondShare);
        $warm = $now->state()->central(Parameter::Temperature, $tank->warmth);
        $plan = new ChangePlan(
            $vessel,
            $now->state(),
            $source->with(Parameter::Temperature, new Normal($warm, 1.0), true),
            min($vessel->litres(), $litres),
            1,
            0.0,
            $tank->ph_set_point,
            $tank->warmth,
            $now->makes(),
            $tank->keeper->show()->units(),
        );

        return new self($plan->drained, $plan->share(), $source->name, Forecast::of($plan));
    }
}
