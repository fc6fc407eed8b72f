<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const TABLES = [
        'jars' => 'products', 'runs' => 'checklists', 'run_steps' => 'checklist_steps', 'stands' => 'plant_groups', 'stand_looks' => 'plant_measurements', 'bed_patches' => 'substrate_zones',
        'bed_cleanings' => 'zone_vacuumings', 'after_jobs' => 'follow_ups', 'off_spots' => 'layout_issues', 'food_spells' => 'feeding_overrides', 'capsules' => 'root_tabs', 'top_ups' => 'top_offs',
        'laid_jobs' => 'pinned_jobs', 'busy_spells' => 'calendar_blocks', 'away_spells' => 'absences', 'start_ups' => 'tank_cycles', 'fresh_starts' => 'learning_resets', 'inquiries' => 'problems',
        'inquiry_photos' => 'problem_photos', 'stores' => 'reservoirs', 'pen_trials' => 'meter_trials', 'waters' => 'source_waters',
    ];

    private const COLUMNS = [
        'jar_id' => 'product_id', 'run_id' => 'checklist_id', 'run_step_id' => 'checklist_step_id', 'stand_id' => 'plant_group_id', 'bed_patch_id' => 'substrate_zone_id', 'inquiry_id' => 'problem_id',
        'store_id' => 'reservoir_id', 'water_id' => 'source_water_id', 'second_water_id' => 'second_source_water_id',
        'feeding_school' => 'dosing_method', 'bed_back' => 'substrate_back', 'bed_front' => 'substrate_front',
    ];

    public function up(): void
    {
        $this->rename(self::TABLES, self::COLUMNS);
    }

    public function down(): void
    {
        $this->rename(array_flip(self::TABLES), array_flip(self::COLUMNS));
    }

    /**
     * @param array<string, string> $tables
     * @param array<string, string> $columns
     */
    private function rename(array $tables, array $columns): void
    {
        foreach ($tables as $old => $new) {
            Schema::rename($old, $new);
            // Where numbers come from a sequence, an archive that comes in asks for it by the name of its table.
            if (DB::getDriverName() === 'pgsql') {
                DB::statement("alter sequence {$old}_id_seq rename to {$new}_id_seq");
            }
        }
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            foreach (array_intersect(array_keys($columns), Schema::getColumnListing($table)) as $column) {
                Schema::table($table, static fn(Blueprint $of) => $of->renameColumn($column, $columns[$column]));
            }
        }
    }
};
