<?php

declare(strict_types=1);

namespace App\Exchange;

use stdClass;

/** How tables and columns were called in archives up to version 2. */
final class OlderNames
{
    /** Old by new. */
    private const TABLES = [
        'products' => 'jars', 'checklists' => 'runs', 'checklist_steps' => 'run_steps', 'plant_groups' => 'stands', 'plant_measurements' => 'stand_looks', 'substrate_zones' => 'bed_patches',
        'zone_vacuumings' => 'bed_cleanings', 'follow_ups' => 'after_jobs', 'layout_issues' => 'off_spots', 'feeding_overrides' => 'food_spells', 'root_tabs' => 'capsules', 'top_offs' => 'top_ups',
        'pinned_jobs' => 'laid_jobs', 'calendar_blocks' => 'busy_spells', 'absences' => 'away_spells', 'tank_cycles' => 'start_ups', 'learning_resets' => 'fresh_starts', 'problems' => 'inquiries',
        'problem_photos' => 'inquiry_photos', 'reservoirs' => 'stores', 'meter_trials' => 'pen_trials', 'source_waters' => 'waters',
    ];

    /** New by old. */
    private const COLUMNS = [
        'jar_id' => 'product_id', 'run_id' => 'checklist_id', 'run_step_id' => 'checklist_step_id', 'stand_id' => 'plant_group_id', 'bed_patch_id' => 'substrate_zone_id', 'inquiry_id' => 'problem_id',
        'store_id' => 'reservoir_id', 'water_id' => 'source_water_id', 'second_water_id' => 'second_source_water_id', 'feeding_school' => 'dosing_method', 'bed_back' => 'substrate_back', 'bed_front' => 'substrate_front',
    ];

    public static function table(string $table): string
    {
        return self::TABLES[$table] ?? $table;
    }

    /** A record under the names of today; its JSON stays as it is. */
    public static function renewed(stdClass $row): stdClass
    {
        $renewed = new stdClass();
        foreach (get_object_vars($row) as $column => $value) {
            $renewed->{self::COLUMNS[$column] ?? $column} = $value;
        }

        return $renewed;
    }
}
