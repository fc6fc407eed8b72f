<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Keeper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use ZipArchive;

/** All that a keeper keeps as one archive: records as JSON by the published schema and as CSV, and photos. */
final class KeeperArchive
{
    public const FORMAT = 'cresco-keeper';

    public const VERSION = 3;

    /** How JSON is written, here and where records are read back. */
    public const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** Writes it to a file. */
    public static function write(Keeper $keeper, string $path): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive cannot be written.');
        }
        $counts = [];
        foreach (self::records($keeper) as $name => $rows) {
            $counts[$name] = count($rows);
            if ($name === 'photos') {
                foreach ($rows as $n => $row) {
                    $file = Storage::disk('local')->path('photos/'.(is_string($row['file']) ? $row['file'] : ''));
                    $rows[$n]['file'] = $own = (1 + $n).'.jpg';
                    if (is_file($file)) {
                        $zip->addFile($file, 'photos/'.$own);
                        $zip->setCompressionName('photos/'.$own, ZipArchive::CM_STORE);
                    }
                }
            }
            // A record on each line.
            $zip->addFromString(
                "records/$name.json",
                "[\n".implode(",\n", array_map(static fn(array $row): string => json_encode($row, self::JSON), $rows))."\n]\n",
            );
            $zip->addFromString("csv/$name.csv", self::csv($rows));
        }
        $own = self::row((array) DB::table('keepers')->where('id', $keeper->id)->first(), KeeperTables::keeper());
        $zip->addFromString('keeper.json', json_encode($own, self::JSON | JSON_PRETTY_PRINT)."\n");
        $zip->addFromString(
            'cresco.json',
            json_encode(
                ['format' => self::FORMAT, 'version' => self::VERSION, 'made_at' => CarbonImmutable::now()->utc()->toIso8601String(), 'records' => $counts],
                self::JSON | JSON_PRETTY_PRINT,
            )."\n",
        );
        $zip->addFromString('README.txt', __('account.archive.readme'));
        if (!$zip->close()) {
            throw new RuntimeException('The archive cannot be written.');
        }
    }

    /**
     * All records, by table, with numbers that count from 1 in each. One that points to a record which is gone is left out; one that points to a
     * record which is there and was not taken along is a fault of this class.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    public static function records(Keeper $keeper): array
    {
        return DB::transaction(static function () use ($keeper): array {
            $numbers = $found = [];
            foreach (KeeperTables::all() as $name => $table) {
                $found[$name] = [];
                $numbers[$name] = [];
                foreach (self::rows($table, $keeper, $numbers) as $raw) {
                    $raw = (array) $raw;
                    $old = is_numeric($raw['id'] ?? null) ? (int) $raw['id'] : 0;
                    $row = $table->renumbered(self::row($raw, $table), $numbers);
                    if ($row === null) {
                        self::mustBeGone($table, self::row($raw, $table));
                    } else {
                        $numbers[$name][$old] = count($numbers[$name]) + 1;
                        $found[$name][] = ['id' => $numbers[$name][$old]] + $row;
                    }
                }
            }

            return $found;
        });
    }

    /** @param array<string, mixed> $row that was left out */
    private static function mustBeGone(KeeperTable $table, array $row): void
    {
        $there = [];
        foreach ([...array_values($table->references), ...KeeperTable::pointedTo($table->name)] as $other) {
            foreach (isset($there[$other]) ? [] : DB::table($other)->pluck('id') as $id) {
                $there[$other][is_numeric($id) ? (int) $id : 0] = is_numeric($id) ? (int) $id : 0;
            }
        }
        if ($table->renumbered($row, $there) !== null) {
            throw new RuntimeException("A record of $table->name points to one that was not taken along.");
        }
    }

    /**
     * @param array<string, array<int, int>> $numbers of what was found so far
     *
     * @return iterable<object>
     */
    private static function rows(KeeperTable $table, Keeper $keeper, array $numbers): iterable
    {
        $query = DB::table($table->name);
        $owner = array_values(array_filter(
            array_keys($table->references),
            static fn(string $column): bool => !in_array($column, $table->optional, true),
        ))[0] ?? null;
        if (DB::getSchemaBuilder()->hasColumn($table->name, 'keeper_id')) {
            yield from $query->where('keeper_id', $keeper->id)->orderBy('id')->lazyById(1000);
        } elseif ($owner !== null) {
            foreach (array_chunk(array_keys($numbers[$table->references[$owner]] ?? []), 500) as $some) {
                yield from DB::table($table->name)->whereIn($owner, $some)->orderBy('id')->get();
            }
        }
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, mixed>
     */
    private static function row(array $raw, KeeperTable $table): array
    {
        $row = [];
        foreach ($table->columns as $column => $type) {
            $value = $raw[$column] ?? null;
            $row[$column] = match (true) {
                $value === null => null,
                $type === 'integer' => is_numeric($value) ? (int) $value : null,
                $type === 'number' => is_numeric($value) ? (float) $value : null,
                $type === 'boolean' => (bool) $value,
                $type === 'json' => is_string($value) ? json_decode($value) : null,
                default => is_scalar($value) ? (string) $value : null,
            };
        }

        return $row;
    }

    /** @param list<array<string, mixed>> $rows */
    private static function csv(array $rows): string
    {
        $flat = array_map(static fn(array $row): array => array_map(static fn(mixed $value): string|float|null => match (true) {
            $value === null => null,
            is_bool($value) => $value ? '1' : '0',
            is_float($value) => $value,
            is_scalar($value) => (string) $value,
            default => json_encode($value, self::JSON),
        }, $row), $rows);

        return CsvFile::write($flat, '');
    }
}
