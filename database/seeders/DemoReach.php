<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\EntryKind;
use App\Models\Keeper;
use App\Models\PlantGroup;
use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;

/** A small bright tank of stems that is fed plenty from a bottle made at home, and half of its water changed each week. */
final class DemoReach
{
    /** Weeks of its log. */
    private const WEEKS = 10;

    /** Days since its last change, and so since its last dose. */
    private const LAST = 3;

    /** mL of the bottle after each change. */
    private const DOSE = 20.0;

    /** @param array<string, SourceWater> $waters */
    public static function live(Keeper $keeper, array $waters, CarbonImmutable $today, CarbonImmutable $now): void
    {
        (new DemoLife($keeper, [
            'tank' => [
                'name' => 'Bright Reach', 'shape' => 'box', 'outer_length' => 600, 'outer_depth' => 360, 'outer_height' => 360, 'glass' => 6, 'water_below_rim' => 25, 'substrate_back' => 80, 'substrate_front' => 45,
                'porosity' => 0.5, 'stone_kg' => 5, 'stone_height' => 180, 'animals' => 'plants_first', 'fish_height' => 30, 'warmth' => 24, 'nitrate_per_day' => 0.6, 'routine_share' => 0.5, 'routine_days' => 7,
                'source_water_id' => $waters['tap']->id, 'carbon_dioxide' => 25, 'dosing_method' => 'plenty', 'food_grams' => 0.15, 'food_protein' => 45,
            ],
            'devices' => ['heater' => [80, 270, 6], 'canister' => [220, 280, 94], 'carbon_dioxide' => [null, null, 50], 'lamp' => [null, null, 50]],
            'start' => [
                'nitrate' => 11.0, 'general_hardness' => 8.6, 'carbonate_hardness' => 5.6, 'ph' => 6.95, 'conductivity' => 420.0,
                'temperature' => 24.1,
            ],
            'lastChange' => self::LAST,
            'events' => [
                [
                    66, 'work', 'Bottle made up',
                    '250 mL for twelve weeks: 9.6 g potassium nitrate, 1.1 g potassium phosphate, 15.7 g potassium sulfate, stirred until clear.',
                ],
                [52, 'note', 'Twice a week’s dose is the most', 'With half of the water changed each week nothing can come higher.'],
            ],
            'jumps' => [], 'drift' => [
                'general_hardness' => 0.01, 'carbonate_hardness' => -0.03, 'conductivity' => 1.2,
            ], 'readDays' => [0], 'takenToday' => false, 'strongStore' => [],
        ], $waters, $today, 7 * self::WEEKS, $now))->live();
        $tank = $keeper->tanks()->where('name', 'Bright Reach')->sole();
        self::plants($tank, $today);
        self::doses($keeper, $tank, $today);
    }

    private static function plants(Tank $tank, CarbonImmutable $today): void
    {
        $tank->lamps()->create([
            'kind' => 'panel', 'told_by' => 'lumens', 'told' => 4200, 'colour' => 'white', 'type' => 'led', 'length' => 520, 'width' => 120,
            'above' => 80, 'angle' => 120, 'dimmer' => 0.9, 'hours' => 8, 'ramp' => 0,
        ]);
        foreach ([
            ['rotala_rotundifolia', 0.04, 0.4, 240, 150], ['ludwigia_repens', 0.45, 0.68, 230, 140],
            ['limnophila_sessiliflora', 0.72, 0.97, 250, 140],
        ] as [$kind, $left, $right, $before, $to]) {
            /** @var PlantGroup $plantGroup */
            $plantGroup = $tank->plantGroups()->create([
                'kind' => $kind, 'left_edge' => $left, 'right_edge' => $right, 'front_edge' => 0.5, 'back_edge' => 0.98,
                'planted_on' => $today->subDays(7 * self::WEEKS)->format('Y-m-d'),
            ]);
            $plantGroup->looks()->create(['happened_at' => $today->subDays(24)->setTime(18, 30)->utc(), 'before' => $before, 'height' => $to, 'cover' => 1]);
            $plantGroup->looks()->create([
                'happened_at' => $today->subDays(self::LAST)->setTime(18, 40)->utc(), 'before' => $before - 10, 'height' => $to, 'cover' => 1,
            ]);
        }
        Tank::turnPlants([$tank->id]);
    }

    private static function doses(Keeper $keeper, Tank $tank, CarbonImmutable $today): void
    {
        // 20 mL raise the water of this tank by 8 mg/L of nitrate, 1 of phosphate and 15 of potassium: of 250 mL a twelfth of what was weighed.
        $litres = VesselQuery::tank($tank)->litres();
        /** @var Product $bottle */
        $bottle = $keeper->products()->create([
            'name' => 'Own fertiliser for Bright Reach', 'salt' => Product::FEED, 'unit' => 'mL', 'stock' => 50.0,
            'label' => [Product::HOME => 1.0, 'dose' => self::DOSE, 'litres' => round($litres), 'nitrate' => 8.0, 'phosphate' => 1.0, 'potassium' => 15.0],
        ]);
        $tank->dosePlans()->create([
            'product_id' => $bottle->id, 'amount' => self::DOSE, 'every' => 7, 'starts_on' => $today->subDays(self::LAST + 63)->format('Y-m-d'),
        ]);
        $iron = $keeper->products()->where('name', 'Iron and traces')->sole();
        $tank->dosePlans()->create([
            'product_id' => $iron->id, 'amount' => 10.0, 'every' => 7, 'starts_on' => $today->subDays(self::LAST + 61)->format('Y-m-d'),
        ]);
        for ($ago = self::LAST + 63; $ago >= self::LAST; $ago -= 7) {
            $at = $today->subDays($ago)->setTime(19, 30);
            $tank->doses()->create([
                'product_id' => $bottle->id, 'name' => $bottle->name, 'amount' => self::DOSE, 'unit' => 'mL', 'given_at' => $at->utc(), 'day' => $at
                    ->format('Y-m-d'), 'missed' => false,
                'brings' => array_map(static fn(float $milligrams): float => $milligrams * self::DOSE / $litres, $bottle->toFeed(0.1)->milligrams ?? []),
            ]);
        }
        foreach ([
            52 => ['1', '15'], 38 => ['1-2 nearer 1', '15-20'], 24 => ['1-2', '20'], 10 => ['1-2', '15-20'], self::LAST => ['1-2', '20'],
        ] as $ago => [$phosphate, $potassium]) {
            DemoLife::keepReadings($keeper, $tank, ['phosphate' => $phosphate, 'potassium' => $potassium], $today->subDays($ago)->setTime(17, 20));
        }
        $keeper->entries()->create([
            'tank_id' => $tank->id, 'kind' => EntryKind::Note, 'happened_at' => $today->subDays(10)->setTime(20, 0)->utc(), 'title' => 'Nothing climbs',
            'body' => 'Ten weeks of the same dose, and the readings before the change stay where they were.',
        ]);
    }
}
