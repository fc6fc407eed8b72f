<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;

/** A change that was made without a checklist, worked out from what was known of tank and water before it. */
final readonly class PastChange
{
    private function __construct(public float $litres, public float $share, public string $source, public Forecast $forecast) {}

    /** @param float $litres that were taken out, above 0 to what is in the tank */
    public static function of(Tank $tank, SourceWater $first, ?SourceWater $second, float $secondShare, float $litres, CarbonImmutable $at): self
    {
        $vessel = VesselQuery::tank($tank);
        $now = TankWaterQuery::of($tank, $at);
        $source = WatersQuery::on($now, array_values(array_filter([$first->id, $second?->id])), $at)->blend($first, $second, $secondShare);
        $warm = $now->state()->central(Parameter::Temperature, $tank->warmth);
        $plan = new ChangePlan(
            $vessel,
            $now->state(),
            $source->with(Parameter::Temperature, new NormalValue($warm, 1.0), true),
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
