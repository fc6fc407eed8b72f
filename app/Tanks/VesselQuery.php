<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Tank\DeviceKind;
use Cresco\Core\Tank\DeviceLevel;
use Cresco\Core\Tank\Displacement;
use Cresco\Core\Tank\HeightTable;
use Cresco\Core\Tank\Shape;
use Cresco\Core\Tank\SubstrateLayer;
use Cresco\Core\Tank\TankFault;
use Cresco\Core\Tank\Vessel;
use WeakMap;

/** The core's picture of a tank, from the keeper's measures. */
final class VesselQuery
{
    /** @var WeakMap<Tank, array{array<string, mixed>, Vessel}>|null */
    private static ?WeakMap $known = null;

    /**
     * The same vessel as long as the measures are the same.
     *
     * @throws TankFault when the measures cannot be a tank
     */
    public static function tank(Tank $tank): Vessel
    {
        self::$known ??= new WeakMap();
        $measures = $tank->getAttributes();
        $known = self::$known[$tank] ?? null;
        if ($known === null || $known[0] !== $measures) {
            self::$known[$tank] = $known = [$measures, self::build($tank)];
        }

        return $known[1];
    }

    private static function build(Tank $tank): Vessel
    {
        $shape = $tank->shape;
        $height = $shape === Shape::Cube ? $tank->outer_length : (float) $tank->outer_height;
        if ($height <= 0.0) {
            throw TankFault::notPositive('outer_height', 'height');
        }
        $plan = $shape->plan($tank->outer_length, (float) $tank->outer_depth, (float) $tank->middle_depth, $tank->glass);
        $bed = $tank->substrate_back > 0.0 || $tank->substrate_front > 0.0
            ? new SubstrateLayer($tank->substrate_back, $tank->substrate_front, $tank->porosity)
            : SubstrateLayer::none();
        $ground = $bed->lowest();
        $displacements = [];
        $rim = $height - $tank->glass;
        if ($shape->needsTable()) {
            $marks = array_map(static fn(array $mark): array => [$rim - (float) $mark[0], (float) $mark[1]], $tank->marks ?? []);

            return new Vessel($plan, $rim, $tank->water_below_rim, $bed, [], null, HeightTable::of($marks));
        }
        if ($tank->stone_kg > 0.0) {
            $displacements[] = Displacement::even($tank->stone_kg / Displacement::STONE_DENSITY, $ground, max($ground + 10.0, $tank->stone_height));
        }
        if ($tank->wood_kg > 0.0) {
            $displacements[] = Displacement::even($tank->wood_kg / Displacement::WOOD_DENSITY, $ground, max($ground + 10.0, $tank->wood_height));
        }
        $measured = $tank->measured_litres !== null && $tank->measured_litres > 0.0
            ? new NormalValue($tank->measured_litres, max(0.005 * $tank->measured_litres, (float) $tank->measured_spread))
            : null;

        return new Vessel($plan, $rim, $tank->water_below_rim, $bed, $displacements, $measured);
    }

    /** @return list<DeviceLevel> of the devices that hang in the water, as far as their heights are known */
    public static function levels(Tank $tank): array
    {
        $levels = [];
        foreach ($tank->devices as $device) {
            $kind = $device->kind;
            $top = $device->top;
            if ($top !== null && $kind->hangsInWater()) {
                $levels[] = new DeviceLevel(
                    $kind,
                    $kind === DeviceKind::Canister ? (string) __('names.intake') : word($kind),
                    (float) $top,
                    max((float) $top, $device->bottom ?? (float) $top),
                );
            }
        }

        return $levels;
    }
}
