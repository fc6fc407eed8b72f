<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Data\Phrase;
use BackedEnum;
use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Schema;
use ReflectionClass;

/**
 * All tables of what a keeper keeps, those that others point to first. They are read from the database, so that a new table or column
 * travels without being named anywhere.
 */
final class KeeperTables
{
    /** Columns that stay behind: secrets, and what an installation gives. */
    private const BEHIND = ['keeper_id' => true, 'hash' => true, 'plants_version' => true, 'data_version' => true, 'holds' => true];

    /** Tables that stay behind: they are found again from the others. */
    private const FOUND = ['water_states'];

    /** Of the keeper, what travels. */
    private const KEEPER = [
        'name', 'volume_unit', 'length_unit', 'theme', 'timezone', 'bucket_litres', 'hand', 'hand_told', 'pen_factor', 'scale_step', 'simulated',
        'week', 'figures', 'shows_all',
    ];

    /** @var array<string, class-string<Model>> */
    private static array $records = [];

    /** @return array<string, KeeperTable> by name */
    public static function all(): array
    {
        $waiting = [];
        foreach (Schema::getTables() as $table) {
            $references = [];
            /** @var array{columns: list<string>, foreign_table: string} $key */
            foreach (Schema::getForeignKeys($table['name']) as $key) {
                $references[$key['columns'][0]] = $key['foreign_table'];
            }
            if ($references !== [] && !in_array($table['name'], self::FOUND, true)) {
                $waiting[$table['name']] = $references;
            }
        }
        ksort($waiting);
        $tables = [];
        while ($waiting !== []) {
            $before = count($waiting);
            foreach ($waiting as $name => $references) {
                // One after the other: a table comes when all that it points to are there.
                if (array_diff([...$references, ...KeeperTable::pointedTo($name)], array_keys($tables), ['keepers']) === []) {
                    $tables[$name] = self::table($name, array_diff($references, ['keepers']));
                    unset($waiting[$name]);
                }
            }
            if (count($waiting) === $before) {
                // What points to something that is no keeper's is no keeper's.
                break;
            }
        }

        return $tables;
    }

    /** What travels of the keeper's own record. */
    public static function keeper(): KeeperTable
    {
        $table = self::table('keepers', []);

        return new KeeperTable('keepers', array_intersect_key($table->columns, array_flip(self::KEEPER)), $table->optional, []);
    }

    /** @return array<string, class-string<Model>> the class of each table's records */
    public static function records(): array
    {
        if (self::$records === []) {
            foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
                $class = 'App\\Models\\'.basename($file, '.php');
                if (class_exists($class) && is_subclass_of($class, Model::class) && !(new ReflectionClass($class))->isAbstract()) {
                    self::$records[(new $class())->getTable()] = $class;
                }
            }
        }

        return self::$records;
    }

    /**
     * The schema of all that an archive holds, as it is published.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        $kinds = [];
        foreach ([...self::all(), 'keepers' => self::keeper()] as $name => $table) {
            $casts = isset(self::records()[$name]) ? (new (self::records()[$name])())->getCasts() : [];
            $properties = $name === 'keepers' ? [] : ['id' => ['type' => 'integer', 'minimum' => 1]];
            foreach ($table->columns as $column => $type) {
                $cast = $casts[$column] ?? null;
                $enum = is_string($cast) && is_subclass_of($cast, BackedEnum::class)
                    ? array_map(static fn(BackedEnum $case): int|string => $case->value, $cast::cases())
                    : null;
                $properties[$column] = self::kind($type, in_array($column, $table->optional, true), $enum);
            }
            $kinds[$name] = ['type' => 'object', 'required' => $name === 'keepers' ? [] : ['id'], 'additionalProperties' => false, 'properties' => $properties];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', '$id' => 'https://cresco.test/schema/keeper.schema.json', 'title' => 'All that a keeper keeps',
            'description' => 'The file records/NAME.json of an archive is a list of what $defs/NAME says, keeper.json one of $defs/keepers. Numbers of records count from 1 in each file. Values in base units: mmol/L, meq/L, mg/L, uS/cm at 25 degC, degC, mm, L, g.',
            '$defs' => $kinds,
        ];
    }

    /**
     * @param list<int|string>|null $enum
     *
     * @return array<string, mixed>
     */
    private static function kind(string $type, bool $isOptional, ?array $enum): array
    {
        if ($enum !== null) {
            return ['enum' => $isOptional ? [...$enum, null] : $enum];
        }
        $types = match ($type) {
            'integer' => ['type' => 'integer', 'minimum' => -1_000_000_000, 'maximum' => 1_000_000_000],
            'number' => ['type' => 'number', 'minimum' => -1e9, 'maximum' => 1e9],
            'boolean' => ['type' => 'boolean'],
            'json' => ['type' => ['object', 'array']],
            'day' => ['type' => 'string', 'pattern' => '^(19|20)\\d\\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])( 00:00:00)?$'],
            'moment' => ['type' => 'string', 'pattern' => '^(19|20)\\d\\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01]) ([01]\\d|2[0-3]):[0-5]\\d:[0-5]\\d$'],
            'long' => ['type' => 'string', 'maxLength' => 20_000],
            'name' => ['type' => 'string', 'maxLength' => 80],
            default => ['type' => 'string', 'maxLength' => 1000],
        };

        return $isOptional ? ['type' => [...(array) $types['type'], 'null']] + $types : $types;
    }

    /** @param array<string, string> $references */
    private static function table(string $name, array $references): KeeperTable
    {
        $casts = isset(self::records()[$name]) ? (new (self::records()[$name])())->getCasts() : [];
        $columns = $optional = [];
        foreach (Schema::getColumns($name) as $column) {
            if ($column['name'] === 'id' || isset(self::BEHIND[$column['name']])) {
                continue;
            }
            $cast = $casts[$column['name']] ?? '';
            $columns[$column['name']] = match (true) {
                $cast === 'boolean' || in_array($column['type_name'], ['tinyint', 'bool', 'boolean'], true) && $cast === '' => 'boolean',
                $column['name'] === 'name' => 'name',
                is_string($cast)
                    && $cast !== Phrase::class
                    && ($cast === 'array' || is_a($cast, Castable::class, true))
                    || in_array($column['type_name'], ['json', 'jsonb'], true) => 'json',
                in_array($column['type_name'], ['date'], true) => 'day',
                in_array($column['type_name'], ['datetime', 'timestamp'], true) => 'moment',
                in_array($column['type_name'], ['double', 'float8', 'numeric', 'float', 'real'], true) => 'number',
                in_array($column['type_name'], ['integer', 'int2', 'int4', 'int8', 'tinyint', 'smallint', 'bigint'], true) => 'integer',
                $column['type_name'] === 'text' => 'long',
                default => 'text',
            };
            if ($column['nullable']) {
                $optional[] = $column['name'];
            }
        }

        return new KeeperTable($name, $columns, $optional, $references);
    }
}
