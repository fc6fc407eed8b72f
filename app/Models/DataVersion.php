<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/**
 * What is found of a tank is kept under its data version. Every record that is written, changed or deleted, one by one or by query
 * (`RecordBuilder`), draws another one for the tank that it is of, or for all tanks of its keeper.
 */
final class DataVersion
{
    /** Tables through which a record belongs to a tank, by the column that points to them. */
    private const THROUGH = [
        'plant_group_id' => 'plant_groups', 'checklist_id' => 'checklists', 'problem_id' => 'problems', 'animal_id' => 'animals', 'substrate_zone_id' => 'substrate_zones', 'helper_id' => 'helpers', 'helper_job_id' => 'helper_jobs', 'chore_id' => 'chores', 'entry_id' => 'entries',
    ];

    /** Those through which it belongs to a keeper. */
    private const OF_KEEPERS = [
        'source_water_id' => 'source_waters', 'product_id' => 'products', 'reservoir_id' => 'reservoirs', 'batch_id' => 'batches',
        'plant_kind_id' => 'plant_kinds',
    ];

    /**
     * Records were written.
     *
     * @param list<array<mixed>> $rows with the columns that tell whose they are
     */
    public static function written(string $table, array $rows): void
    {
        $tanks = $keepers = [];
        foreach ($rows as $fields) {
            [$tank, $keeper] = $table === 'tanks' ? [$fields['id'] ?? null, null] : self::owner($fields);
            if (is_numeric($tank)) {
                $tanks[(int) $tank] = (int) $tank;
            } elseif (is_numeric($keeper)) {
                $keepers[(int) $keeper] = (int) $keeper;
            }
        }
        if ($tanks !== []) {
            self::raise(array_values($tanks));
        }
        array_map(self::raiseAll(...), $keepers);
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array{mixed, mixed} the tank that a record is of, or else its keeper
     */
    private static function owner(array $fields): array
    {
        if (is_numeric($fields['tank_id'] ?? null)) {
            return [$fields['tank_id'], null];
        }
        foreach (self::THROUGH as $column => $table) {
            if (is_numeric($fields[$column] ?? null)) {
                return self::owner((array) (DB::table($table)->where('id', $fields[$column])->first() ?? []));
            }
        }
        foreach (is_numeric($fields['keeper_id'] ?? null) ? [] : self::OF_KEEPERS as $column => $table) {
            if (is_numeric($fields[$column] ?? null)) {
                return [null, DB::table($table)->where('id', $fields[$column])->value('keeper_id')];
            }
        }

        return [null, $fields['keeper_id'] ?? null];
    }

    /** @param list<int> $tanks */
    public static function raise(array $tanks): void
    {
        // Drawn and not counted: a count would come round again when a backup is laid back.
        DB::table('tanks')->whereIn('id', $tanks)->update(['data_version' => random_int(1, 2_147_483_647)]);
    }

    public static function raiseAll(int $keeper): void
    {
        DB::table('tanks')->where('keeper_id', $keeper)->update(['data_version' => random_int(1, 2_147_483_647)]);
    }

    /**
     * @param list<int> $tanks
     *
     * @return array<int, int> as they are now, by tank
     */
    public static function ofTanks(array $tanks): array
    {
        $versions = [];
        foreach (DB::table('tanks')->whereIn('id', $tanks)->pluck('data_version', 'id') as $id => $version) {
            $versions[(int) $id] = is_numeric($version) ? (int) $version : 0;
        }

        return $versions;
    }
}
