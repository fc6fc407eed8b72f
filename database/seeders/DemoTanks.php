<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\SourceWater;

/** The four tanks of the demo and what befalls them. */
final class DemoTanks
{
    /**
     * @param array<string, SourceWater> $waters
     *
     * @return list<array{
     *     tank: array<string, mixed>, devices: array<string, list<int|null>>, start: array<string, float>, lastChange: int,
     *     events: list<array{int, string, string, string}>, jumps: array<int, array<string, float>>, drift: array<string, float>, readDays: list<int>, takenToday: bool, strongStore: array<string, float>
     * }>
     */
    public static function all(array $waters): array
    {
        return [
            [
                'tank' => [
                    'name' => 'Long Meadow', 'shape' => 'box', 'outer_length' => 1200, 'outer_depth' => 450, 'outer_height' => 500, 'glass' => 12,
                    'water_below_rim' => 30, 'substrate_back' => 110, 'substrate_front' => 50, 'porosity' => 0.5, 'stone_kg' => 14, 'stone_height' => 260,
                    'wood_kg' => 4, 'wood_height' => 330, 'passive' => 'soil', 'animals' => 'plants_first', 'fish_height' => 38, 'warmth' => 24, 'nitrate_per_day' => 1.6,
                    'routine_share' => 0.35, 'routine_days' => 7, 'source_water_id' => $waters['tap']->id, 'second_source_water_id' => $waters['rain']->id, 'second_share' => 0.5,
                ],
                'devices' => ['heater' => [110, 330, 4], 'canister' => [300, 350, 96], 'carbon_dioxide' => [null, null, 50], 'lamp' => [null, null, 50], 'doser' => [null, null, 50]],
                'start' => ['nitrate' => 14.0, 'general_hardness' => 5.4, 'carbonate_hardness' => 3.1, 'ph' => 6.7, 'conductivity' => 268.0, 'temperature' => 24.3],
                'lastChange' => 7,
                'events' => [
                    [168, 'work', 'New lamp', 'Hung it and left it at full power for the first week.'],
                    [154, 'event', 'Green dust on every pane', 'The lamp. Down to 60 % and seven hours.'],
                    [120, 'work', 'Trimmed the stems', 'Two buckets of tops. Light reaches the foreground again.'],
                    [92, 'dose', 'Root capsules', 'Six under the swords.'],
                    [41, 'event', 'A stone slid before the intake', 'Must have been the last vacuuming: the left corner stood still, and a blue-green skin lies on the sand there.'],
                    [40, 'work', 'Stone put back, the skin lifted', 'Drew it off with an open hose, gloves on.'],
                    [18, 'work', 'Rinsed the pre-filter', 'In tank water. Flow is back.'],
                    [3, 'dose', 'Iron and traces', 'Half dose, pale tips on the stems.'],
                ],
                'jumps' => [154 => ['nitrate' => -3.0]],
                'drift' => ['general_hardness' => 0.02, 'carbonate_hardness' => -0.05, 'conductivity' => 1.2],
                'readDays' => [0, 4],
                'takenToday' => true,
                'strongStore' => [],
            ],
            [
                'tank' => [
                    'name' => 'Ember Shelf', 'shape' => 'box', 'outer_length' => 450, 'outer_depth' => 300, 'outer_height' => 300, 'glass' => 5,
                    'water_below_rim' => 25, 'substrate_back' => 60, 'substrate_front' => 40, 'porosity' => 0.5, 'wood_kg' => 0.9, 'wood_height' => 170,
                    'animals' => 'soft_water_shrimp', 'fish_height' => 0, 'warmth' => 22.5, 'nitrate_per_day' => 0.5, 'routine_share' => 0.15,
                    'routine_days' => 7, 'source_water_id' => $waters['shrimp']->id, 'measured_litres' => 27.5, 'measured_spread' => 0.6,
                ],
                'devices' => ['heater' => [60, 190, 6], 'internal_filter' => [120, 215, 93], 'lamp' => [null, null, 50]],
                'start' => ['nitrate' => 6.0, 'general_hardness' => 5.2, 'carbonate_hardness' => 0.5, 'ph' => 6.2, 'conductivity' => 222.0, 'temperature' => 22.6],
                'lastChange' => 1,
                'events' => [
                    [139, 'event', 'First berried female', 'Eleven grown shrimp counted, one with eggs.'],
                    [50, 'event', 'Two failed moults', 'White ring of death on both. Conductivity 290: the store was far too strong.'],
                    [48, 'note', 'Weigh the salt from now on', '2.1 g for ten litres reads 210.'],
                    [22, 'event', 'Shrimplets on the moss', 'At least twenty.'],
                    [12, 'work', 'Thinned the moss', 'Rested it in a tub until the small ones had left.'],
                ],
                'jumps' => [53 => ['conductivity' => 68.0, 'general_hardness' => 1.6], 47 => ['conductivity' => -40.0, 'general_hardness' => -0.9]],
                'drift' => ['general_hardness' => 0.02, 'carbonate_hardness' => -0.03, 'conductivity' => 1.4],
                'readDays' => [0, 3],
                'takenToday' => false,
                'strongStore' => [],
            ],
            [
                'tank' => [
                    'name' => 'Stone Harbour', 'shape' => 'bow_front', 'outer_length' => 1000, 'outer_depth' => 450, 'middle_depth' => 550, 'outer_height' => 500,
                    'glass' => 10, 'water_below_rim' => 35, 'substrate_back' => 40, 'substrate_front' => 40, 'porosity' => 0.4, 'stone_kg' => 46, 'stone_height' => 380,
                    'animals' => 'hard_water_fish', 'fish_height' => 55, 'warmth' => 25.5, 'nitrate_per_day' => 3.1, 'routine_share' => 0.45,
                    'routine_days' => 7, 'source_water_id' => $waters['harbour']->id,
                ],
                'devices' => ['heater' => [140, 380, 95], 'canister' => [330, 390, 6], 'wave_pump' => [120, 180, 90], 'feeder' => [null, null, 50], 'lamp' => [null, null, 50]],
                'start' => ['nitrate' => 28.0, 'general_hardness' => 12.8, 'carbonate_hardness' => 9.6, 'ph' => 8.1, 'conductivity' => 640.0, 'temperature' => 25.6],
                'lastChange' => 9,
                'events' => [
                    [101, 'work', 'Both filter sponges rinsed', 'One today, the other next week.'],
                    [78, 'event', 'Feeder jammed open', 'A week of food in one night. Siphoned what lay there, ammonium showed for three days.'],
                    [77, 'work', 'Fed nothing for four days', ''],
                    [38, 'work', 'Heater set behind the rock', 'Out of sight.'],
                    [35, 'event', 'Spawning in the shells', 'Left corner left alone.'],
                    [27, 'event', 'Cover glass cracked', 'The right half is off until a new one is cut.'],
                    [15, 'note', 'Harbour store was too strong', 'Two scoops were in it already when I added two. The pen said 640 before, nobody read it after.'],
                    [6, 'note', 'Heater hums', 'It is still a degree short the evening after a change.'],
                ],
                'jumps' => [78 => ['nitrate' => 18.0], 70 => ['nitrate' => -8.0], 37 => ['temperature' => -0.8]],
                'drift' => ['general_hardness' => 0.03, 'carbonate_hardness' => -0.04, 'conductivity' => 1.5],
                'readDays' => [0],
                'takenToday' => false,
                'strongStore' => ['conductivity' => 78.0],
            ],
            [
                'tank' => [
                    'name' => 'Lantern', 'shape' => 'cylinder', 'outer_length' => 360, 'outer_height' => 400, 'glass' => 6, 'water_below_rim' => 40,
                    'substrate_back' => 10, 'substrate_front' => 10, 'porosity' => 0.4, 'animals' => 'community', 'fish_height' => 9, 'warmth' => 25,
                    'nitrate_per_day' => 1.1, 'routine_share' => 0.2, 'routine_days' => 3, 'source_water_id' => $waters['tap']->id, 'second_source_water_id' => $waters['rain']->id, 'second_share' => 0.4,
                ],
                'devices' => ['heater' => [90, 230, 50], 'air_pump' => [null, null, 50], 'internal_filter' => [150, 240, 88]],
                'start' => ['nitrate' => 9.0, 'general_hardness' => 5.8, 'carbonate_hardness' => 4.0, 'ph' => 7.2, 'conductivity' => 265.0, 'temperature' => 25.1],
                'lastChange' => 2,
                'events' => [
                    [61, 'event', 'Eggs moved in', 'A leaf with about sixty, from Long Meadow.'],
                    [57, 'event', 'Hatched', 'Fry hang on the glass.'],
                    [30, 'work', 'Counted the fry', 'Forty-one.'],
                    [9, 'event', 'Grading is due', 'The largest are twice the size of the rest.'],
                ],
                'jumps' => [],
                'drift' => ['general_hardness' => 0.02, 'carbonate_hardness' => -0.02, 'conductivity' => 1.0],
                'readDays' => [0],
                'takenToday' => false,
                'strongStore' => [],
            ],
        ];
    }
}
