<?php

declare(strict_types=1);

namespace App\Exchange;

use stdClass;

/** A table of what a keeper keeps: its columns, and which of them point to other tables. */
final readonly class KeeperTable
{
    /** What is kept as JSON and points to other records: the way to each number, and the table it is of. */
    private const WITHIN = [
        'entries.took' => ['jars.*.jar' => 'products', 'stores.*.store' => 'reservoirs', 'made' => 'batches', 'acid_of' => 'batches'],
        'checklists.plan' => ['waters.*' => 'source_waters', 'water_id' => 'source_waters'],
        'checklist_steps.content' => [
            'patches.*' => 'substrate_zones', 'missed.*' => 'substrate_zones', 'stands.*.stand' => 'plant_groups', 'doses.*.jar' => 'products',
            'batch' => 'batches',
        ],
        'batches.card' => ['sources.*.water_id' => 'source_waters', 'jars.*.jar_id' => 'products'],
    ];

    /** Words with numbers of records in them, and the table of each number. */
    private const WORDS = [
        'learning_resets.what' => ['/^turns\.(\d+)$/' => ['chores']],
        'pinned_jobs.job' => [
            '/^(\d+)\.(?:change|next_day|dose_look|task\..+)$/' => ['tanks'], '/^(\d+)\.(?:stand|melt|capsules)\.(\d+)$/' => ['tanks', 'plant_groups'],
            '/^chore\.(\d+)$/' => ['chores'], '/^check\.(\d+)$/' => ['treatments'], '/^quarantine\.(\d+)$/' => ['arrivals'], '/^store\.(\d+)$/' => ['reservoirs'],
        ],
    ];

    /**
     * @param array<string, string> $columns    what each holds: integer, number, boolean, text, long, json, day or moment
     * @param list<string>          $optional   columns that may be empty
     * @param array<string, string> $references tables by column
     */
    public function __construct(public string $name, public array $columns, public array $optional, public array $references) {}

    /** @return list<string> tables that a column points to by words or from within its JSON, so that they come before it */
    public static function pointedTo(string $table): array
    {
        $found = [];
        foreach (self::WITHIN as $column => $ways) {
            $found = [...$found, ...str_starts_with($column, $table.'.') ? array_values($ways) : []];
        }
        foreach (self::WORDS as $column => $patterns) {
            $found = [...$found, ...str_starts_with($column, $table.'.') ? array_merge(...array_values($patterns)) : []];
        }

        return array_values(array_unique($found));
    }

    /**
     * A row with other numbers for its records. What points to nothing any more points to nothing.
     *
     * @param array<string, mixed>           $row
     * @param array<string, array<int, int>> $numbers new by old, by table
     *
     * @return array<string, mixed>|null null when what it cannot be without is gone
     */
    public function renumbered(array $row, array $numbers): ?array
    {
        foreach ($this->references as $column => $table) {
            $old = $row[$column] ?? null;
            $row[$column] = is_int($old) ? $numbers[$table][$old] ?? null : null;
            if ($row[$column] === null && !in_array($column, $this->optional, true)) {
                return null;
            }
        }
        foreach ($this->columns as $column => $type) {
            $ways = self::WITHIN[$this->name.'.'.$column] ?? [];
            foreach (isset($row[$column]) ? $ways : [] as $way => $table) {
                $row[$column] = self::within($row[$column], explode('.', $way), $numbers[$table] ?? []);
            }
            $word = $row[$column] ?? null;
            if (isset(self::WORDS[$this->name.'.'.$column]) && is_string($word)) {
                $row[$column] = self::word($word, self::WORDS[$this->name.'.'.$column], $numbers);
                if ($row[$column] === null) {
                    return null;
                }
            }
        }

        return $row;
    }

    /**
     * @param array<string, list<string>>    $patterns tables of the numbers in a word, by its pattern
     * @param array<string, array<int, int>> $numbers
     */
    private static function word(string $word, array $patterns, array $numbers): ?string
    {
        foreach ($patterns as $pattern => $tables) {
            if (preg_match($pattern, $word, $found, PREG_OFFSET_CAPTURE) !== 1) {
                continue;
            }
            // From the end, so that what lies before stays where it is.
            for ($i = count($found) - 1; $i > 0; --$i) {
                $new = $numbers[$tables[$i - 1] ?? ''][(int) $found[$i][0]] ?? null;
                if ($new === null) {
                    return null;
                }
                $word = substr_replace($word, (string) $new, (int) $found[$i][1], strlen($found[$i][0]));
            }
            break;
        }

        return $word;
    }

    /**
     * @param list<string>    $way
     * @param array<int, int> $numbers
     */
    private static function within(mixed $value, array $way, array $numbers): mixed
    {
        if ($way === []) {
            return is_int($value) ? $numbers[$value] ?? null : null;
        }
        $step = array_shift($way);
        if ($step === '*') {
            if (!is_array($value)) {
                return $value;
            }
            $parts = array_map(static fn(mixed $part): mixed => self::within($part, $way, $numbers), array_values($value));

            return $way === [] ? array_values(array_filter($parts, is_int(...))) : $parts;
        }
        if ($value instanceof stdClass && isset($value->{$step})) {
            $value = clone $value;
            $value->{$step} = self::within($value->{$step}, $way, $numbers);
        }

        return $value;
    }
}
