<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Exchange\CsvFile;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Exchange\JsonFile;
use App\Exchange\JsonLines;
use App\Models\Analysis;
use App\Models\Keeper;
use App\Models\RecordQuota;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use Carbon\CarbonImmutable;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\IonAnalysis;
use Cresco\Core\Water\WaterFault;
use Illuminate\Support\Facades\DB;

/** Analyses of a keeper's waters as JSON and CSV. A water that is not known by its name is named with them, as a tap. */
final class AnalysisFile
{
    private const COLUMNS = ['water', 'sampled_on', 'hardness_mmol_per_l', 'alkalinity_meq_per_l', 'ph', 'ec_us_per_cm_25c', 'note'];

    /** @return list<string> */
    private static function columns(): array
    {
        return [...self::COLUMNS, ...array_map(static fn(Ion $ion): string => $ion->value, Ion::cases())];
    }

    public static function json(Keeper $keeper): string
    {
        $analyses = [];
        foreach (self::all($keeper) as $analysis) {
            $analyses[] = array_filter([
                'water' => $analysis->water->name ?? '',
                'sampled_on' => $analysis->sampled_on->format('Y-m-d'),
                'mg_per_l' => $analysis->milligrams === [] ? null : $analysis->milligrams,
                'hardness_mmol_per_l' => $analysis->hardness,
                'alkalinity_meq_per_l' => $analysis->alkalinity,
                'ph' => $analysis->ph,
                'ec_us_per_cm_25c' => $analysis->conductivity,
                'note' => $analysis->note,
            ], static fn(mixed $value): bool => $value !== null);
        }

        return json_encode(
            ['format' => 'cresco-analyses', 'version' => 1, 'analyses' => $analyses],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    public static function csv(Keeper $keeper): string
    {
        $rows = [];
        foreach (self::all($keeper) as $analysis) {
            $row = [
                'water' => $analysis->water->name ?? '', 'sampled_on' => $analysis->sampled_on->format('Y-m-d'), 'hardness_mmol_per_l' => $analysis->hardness,
                'alkalinity_meq_per_l' => $analysis->alkalinity, 'ph' => $analysis->ph, 'ec_us_per_cm_25c' => $analysis
                    ->conductivity, 'note' => $analysis->note,
            ];
            foreach (Ion::cases() as $ion) {
                $row[$ion->value] = $analysis->milligrams[$ion->value] ?? null;
            }
            $rows[] = $row;
        }

        return CsvFile::write($rows, implode(',', self::columns()));
    }

    /** @return int how many were taken in @throws FileFault */
    public static function importJson(Keeper $keeper, string $text, ImportProgress $in): int
    {
        $lines = JsonLines::of($text);
        $found = [];
        $items = self::items(JsonFile::read($text, 'analyses')['analyses'] ?? []);
        foreach ($items as $i => $item) {
            $in->at($i, count($items));
            $number = static fn(string $key): ?float => is_numeric($item[$key] ?? null) ? (float) $item[$key] : null;
            $found[] = self::checked($lines->lineOf(['analyses', $i]), [
                'water' => is_string($item['water'] ?? null) ? $item['water'] : '',
                'sampled_on' => is_string($item['sampled_on'] ?? null) ? $item['sampled_on'] : '',
                'milligrams' => array_map(floatval(...), array_filter(is_array($item['mg_per_l'] ?? null) ? $item['mg_per_l'] : [], is_numeric(...))),
                'hardness' => $number('hardness_mmol_per_l'), 'alkalinity' => $number('alkalinity_meq_per_l'), 'ph' => $number('ph'), 'conductivity' => $number('ec_us_per_cm_25c'),
                'note' => is_string($item['note'] ?? null) ? $item['note'] : null,
            ]);
        }

        return self::keep($keeper, $found);
    }

    /** @return int how many were taken in @throws FileFault */
    public static function importCsv(Keeper $keeper, string $text, ImportProgress $in): int
    {
        $found = [];
        $rows = CsvFile::read($text, ['water', 'sampled_on'], self::columns());
        foreach ($rows as $line => $row) {
            $in->at(count($found), count($rows));
            if ($row['water'] === '' || mb_strlen($row['water']) > 60) {
                throw FileFault::at($line, (string) __('file.water_no_name_or'));
            }
            $milligrams = [];
            foreach (Ion::cases() as $ion) {
                $value = CsvFile::number($row[$ion->value] ?? '', $line, $ion->value, 0.0, 5000.0);
                if ($value !== null) {
                    $milligrams[$ion->value] = $value;
                }
            }
            $found[] = self::checked($line, [
                'water' => $row['water'],
                'sampled_on' => $row['sampled_on'],
                'milligrams' => $milligrams,
                'hardness' => CsvFile::number($row['hardness_mmol_per_l'] ?? '', $line, 'hardness_mmol_per_l', 0.0, 50.0),
                'alkalinity' => CsvFile::number($row['alkalinity_meq_per_l'] ?? '', $line, 'alkalinity_meq_per_l', 0.0, 50.0),
                'ph' => CsvFile::number($row['ph'] ?? '', $line, 'ph', 2.0, 12.0),
                'conductivity' => CsvFile::number($row['ec_us_per_cm_25c'] ?? '', $line, 'ec_us_per_cm_25c', 0.0, 20000.0),
                'note' => ($row['note'] ?? '') === '' ? null : mb_substr($row['note'], 0, 500),
            ]);
        }

        return self::keep($keeper, $found);
    }

    /**
     * @param array{water: string, sampled_on: string, milligrams: array<mixed>, hardness: float|null, alkalinity: float|null, ph: float|null, conductivity: float|null, note: string|null} $item
     *
     * @return array{water: string, sampled_on: string, milligrams: array<string, float>, hardness: float|null, alkalinity: float|null, ph: float|null, conductivity: float|null, note: string|null}
     */
    private static function checked(int $line, array $item): array
    {
        $date = date_parse_from_format('Y-m-d', $item['sampled_on']);
        if ($date['error_count'] > 0 || $date['warning_count'] > 0) {
            throw FileFault::at($line, (string) __('file.not_day_such_as', ['day' => mb_substr($item['sampled_on'], 0, 20)]));
        }
        $milligrams = [];
        foreach ($item['milligrams'] as $ion => $value) {
            $milligrams[(string) $ion] = is_numeric($value) ? (float) $value : 0.0;
        }
        if ($milligrams === [] && $item['hardness'] === null && $item['alkalinity'] === null && $item['conductivity'] === null) {
            throw FileFault::at($line, (string) __('file.analysis_without_single_figure'));
        }
        try {
            IonAnalysis::complete($milligrams, $item['hardness'], $item['alkalinity'], $item['conductivity']);
        } catch (WaterFault $fault) {
            throw FileFault::at($line, say($fault));
        }

        return ['milligrams' => $milligrams] + $item;
    }

    /**
     * @param list<array{water: string, sampled_on: string, milligrams: array<string, float>, hardness: float|null, alkalinity: float|null, ph: float|null, conductivity: float|null, note: string|null}> $found
     */
    private static function keep(Keeper $keeper, array $found): int
    {
        $now = CarbonImmutable::now()->format('Y-m-d H:i:s');
        $kept = ['keeper_id' => $keeper->id, 'created_at' => $now, 'updated_at' => $now];
        // Few statements, so that nobody else waits for long.
        DB::transaction(static function () use ($keeper, $found, $kept): void {
            $waters = self::waters($keeper);
            $new = array_values(array_unique(array_filter(array_column($found, 'water'), static fn(string $name): bool => !isset($waters[$name]))));
            foreach ([[SourceWater::class, count($new)], [Analysis::class, count($found)]] as [$kind, $more]) {
                if ($more > 0 && $kind::query()->where('keeper_id', $keeper->id)->count() + $more > RecordQuota::most($kind)) {
                    throw FileFault::tooMany($kind);
                }
            }
            SourceWater::query()->insert(array_map(
                static fn(string $name): array => ['name' => $name, 'kind' => SourceWaterKind::Tap->value, 'note' => null] + $kept,
                $new,
            ));
            $waters = self::waters($keeper);
            foreach (array_chunk($found, 100) as $some) {
                Analysis::query()->insert(array_map(
                    static fn(array $item): array => ['source_water_id' => $waters[$item['water']], 'milligrams' => json_encode(
                        (object) $item['milligrams'],
                        JSON_THROW_ON_ERROR,
                    )] + array_diff_key($item, ['water' => true]) + $kept,
                    $some,
                ));
            }
        });

        return count($found);
    }

    /** @return array<string, int> by name; the first of those that share one */
    private static function waters(Keeper $keeper): array
    {
        $waters = [];
        foreach ($keeper->waters()->orderByDesc('id')->get() as $water) {
            $waters[$water->name] = $water->id;
        }

        return $waters;
    }

    /** @return list<array<mixed>> */
    private static function items(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }

    /** @return list<Analysis> */
    private static function all(Keeper $keeper): array
    {
        return array_values(Analysis::query()->where('keeper_id', $keeper->id)->with('water')->orderBy('sampled_on')->orderBy('id')->get()->all());
    }
}
