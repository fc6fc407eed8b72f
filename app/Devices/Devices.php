<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Batch;
use App\Models\DosePlan;
use App\Models\Keeper;
use App\Models\Product;
use App\Models\Reservoir;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Diagnosis\Gauge;

/**
 * What a keeper has at hand to measure with. Only simulations ship with Cresco; a real device is another class behind the
 * same port, handed out here.
 */
final class Devices
{
    public const PEN = 'conductivity_pen';

    public const ACIDITY = 'acidity_pen';

    public const SCALE = 'scale';

    public const UNIT = 'osmosis_unit';

    public const DOSER = 'doser';

    public const PLUG = 'plug';

    /** Minutes a day that the heater of a simulated tank needs before anything was noted. */
    private const MINUTES = 300.0;

    /** Notes that a simulated heater goes on from. */
    private const BEFORE = 5;

    /** @return array<string, string> names by key */
    public static function all(): array
    {
        return [
            self::PEN => (string) __('settings.simulated.pen'),
            self::ACIDITY => (string) __('settings.simulated.acidity'),
            self::SCALE => (string) __('settings.simulated.scale'),
            self::UNIT => (string) __('settings.simulated.unit'),
            self::DOSER => (string) __('settings.simulated.doser'),
            self::PLUG => (string) __('settings.simulated.plug'),
        ];
    }

    public static function has(Keeper $keeper, string $device): bool
    {
        return in_array($device, $keeper->simulated ?? [], true);
    }

    public static function pen(Keeper $keeper, Batch $batch): ?EcMeter
    {
        return self::has($keeper, self::PEN) ? new SimulatedEcMeter(SimulatedVessel::of($batch), self::look($batch)) : null;
    }

    public static function acidityPen(Keeper $keeper, Batch $batch): ?PhMeter
    {
        return self::has($keeper, self::ACIDITY) ? new SimulatedPhMeter(SimulatedVessel::of($batch), self::look($batch)) : null;
    }

    /** A scale with so many level spoons of a product on it. */
    public static function scale(Keeper $keeper, Product $product, int $spoons): ?WeighingScale
    {
        $spoon = $product->spoon()->mean ?? (new Noise('spoon of jar '.$product->id))->between(3.0, 6.0);

        return self::has($keeper, self::SCALE) ? new SimulatedScale($spoon, $spoons, $keeper->scale_step, $product->id.' '.$product->trials->count()) : null;
    }

    /** The meter in a vessel of so many litres with so many level spoons of a product. */
    public static function spoonPen(Keeper $keeper, Product $product, int $spoons, float $litres, float $risePerGram): ?float
    {
        if (!self::has($keeper, self::PEN) || $litres <= 0.0) {
            return null;
        }
        $spoon = $product->spoon()->mean ?? (new Noise('spoon of jar '.$product->id))->between(3.0, 6.0);
        $noise = new Noise('spoon pen '.$product->id.' '.$product->trials->count());

        return round($spoon * $spoons * $risePerGram / $litres * (1.0 + $noise->about(0.06 / sqrt(max(1, $spoons)))));
    }

    public static function unit(Keeper $keeper, Reservoir $reservoir): ?OsmosisUnit
    {
        return self::has($keeper, self::UNIT) ? new SimulatedOsmosisUnit($reservoir) : null;
    }

    public static function doser(Keeper $keeper, DosePlan $plan): ?Doser
    {
        return self::has($keeper, self::DOSER) ? new SimulatedDoser($plan->id.' '.$plan->product_id) : null;
    }

    public static function plug(Keeper $keeper, Tank $tank, CarbonImmutable $day): ?Plug
    {
        if (!self::has($keeper, self::PLUG)) {
            return null;
        }
        $before = $tank->gaugeNotes()->where('gauge', Gauge::Heater)->where('day', '<', $day->format('Y-m-d'))->limit(self::BEFORE)->pluck('value');

        return new SimulatedPlug($before->isEmpty() ? self::MINUTES : (float) ($before->avg() ?? 0.0), $tank->id.' '.$day->format('Y-m-d'));
    }

    private static function look(Batch $batch): string
    {
        return $batch->id.' '.count($batch->checks->all);
    }
}
