<?php

declare(strict_types=1);

namespace Tests\Core;

use RuntimeException;

/** Published and independently computed figures, one JSON file a subject, each with its source. */
final class Data
{
    /** @return array<string, mixed> */
    public static function file(string $name): array
    {
        $data = json_decode((string) file_get_contents(__DIR__.'/data/'.$name.'.json'), true, 32, JSON_THROW_ON_ERROR);
        $fields = [];
        foreach (is_array($data) ? $data : [] as $key => $value) {
            $fields[(string) $key] = $value;
        }

        return $fields;
    }

    /** @return list<Row> */
    public static function rows(string $name): array
    {
        $rows = self::file($name)['rows'] ?? null;

        return is_array($rows) ? array_values(array_map(Row::of(...), $rows)) : throw new RuntimeException("No rows in $name.");
    }
}
