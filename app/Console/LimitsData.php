<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PDO;

/** The demo keeper at the limits of what one may have. */
final class LimitsData
{
    /** Tanks, plant groups in each, and jobs of a keeper. */
    public const SIZE = [36, 20, 200];

    /** Records that a tank brings along from the tank of the demo that it is like. */
    private const COPIED = ['devices', 'lamps', 'readings', 'plant_groups', 'dose_plans', 'animals', 'light_readings', 'water_changes'];

    public static function plant(string $database): void
    {
        config(['database.connections.sqlite.database' => $database]);
        DB::purge('sqlite');
        DB::transaction(static fn() => self::fill(Keeper::query()->where('is_demo', true)->firstOrFail()));
    }

    /** What was found of the tanks before is old. */
    public static function age(string $database): void
    {
        (new PDO('sqlite:'.$database))->exec('update tanks set data_version = abs(random() % 2000000000), plants_version = abs(random() % 2000000000)');
    }

    private static function fill(Keeper $keeper): void
    {
        [$tanks, $groups, $jobs] = self::SIZE;
        $own = $keeper->tanks()->count();
        for ($have = $own; $have < $tanks; ++$have) {
            $like = $keeper->tanks()->orderBy('id')->skip($have % $own)->firstOrFail();
            $tank = self::copy('tanks', 'id', $like->id, []);
            foreach (self::COPIED as $table) {
                self::copy($table, 'tank_id', $like->id, ['tank_id' => $tank]);
            }
        }
        foreach ($keeper->tanks()->orderBy('id')->get() as $n => $tank) {
            for ($i = $tank->plantGroups()->count(); $i < $groups; ++$i) {
                $tank->plantGroups()->create([
                    'kind' => ['rotala_rotundifolia', 'taxiphyllum_barbieri', 'lemna_minor', 'vallisneria_nana'][$i % 4], 'left_edge' => $i / $groups,
                    'right_edge' => ($i + 1) / $groups, 'front_edge' => 0.5, 'back_edge' => 1.0,
                ]);
            }
            foreach ($tank->plantGroups()->get() as $plantGroup) {
                $plantGroup->looks()->create(['happened_at' => CarbonImmutable::now()->subDays(3), 'height' => 40 + $plantGroup->id % 80, 'cover' => 0.5]);
            }
            for ($i = 0; $i * $tanks < $jobs && $keeper->chores()->count() < $jobs; ++$i) {
                $keeper->chores()->create([
                    'kind' => ['floss', 'pipes', 'litter'][$i % 3], 'tank_id' => $tank->id,
                    'next_on' => CarbonImmutable::now()->addDays(($n + 7 * $i) % 28)->format('Y-m-d'),
                ]);
            }
        }
    }

    /**
     * @param array<string, int> $with
     *
     * @return int number of the last row that is new
     */
    private static function copy(string $table, string $of, int $id, array $with): int
    {
        $columns = array_values(array_diff(Schema::getColumnListing($table), ['id', ...array_keys($with)]));
        // What only one record may have stays with the first.
        $values = array_map(static fn(string $column): string => in_array($column, ['checklist_id', 'checklist_step_id'], true) ? 'null' : $column, $columns);
        DB::insert(
            sprintf(
                'insert into %s (%s) select %s from %1$s where %s = ?',
                $table,
                implode(', ', [...array_keys($with), ...$columns]),
                implode(', ', [...$with, ...$values]),
                $of,
            ),
            [$id],
        );

        return (int) DB::getPdo()->lastInsertId();
    }
}
