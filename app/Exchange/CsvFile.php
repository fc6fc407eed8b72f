<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A CSV file with a heading, row by row with the line each stands on. */
final class CsvFile
{
    private const MOST_ROWS = 5000;

    /**
     * @param list<string> $needed headings that must be there
     * @param list<string> $known  headings that may be there
     *
     * @return array<int, array<string, string>> cells by heading, by line
     *
     * @throws FileFault
     */
    public static function read(string $text, array $needed, array $known): array
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw FileFault::at(1, (string) __('file.not_text_in_utf'));
        }
        $text = (string) preg_replace('/^\x{FEFF}/u', '', str_replace(["\r\n", "\r"], "\n", $text));
        [$records, $starts] = self::records(rtrim($text, "\n"));
        if (count($records) > self::MOST_ROWS) {
            throw FileFault::at($starts[self::MOST_ROWS], (string) __('file.no_file_more_than', ['most_rows' => self::MOST_ROWS]));
        }
        $heading = array_map(trim(...), array_map(strval(...), str_getcsv($records[0], ',', '"', '')));
        foreach (array_diff($needed, $heading) as $missing) {
            throw FileFault::at(1, (string) __('file.column_missing', ['missing' => $missing]));
        }
        foreach (array_diff($heading, $known) as $unknown) {
            throw FileFault::at(1, (string) __('file.there_no_column_known', ['unknown' => mb_substr($unknown, 0, 40), 'known' => implode(', ', $known)]));
        }
        $rows = [];
        foreach (array_slice($records, 1, null, true) as $i => $record) {
            if (trim($record) === '') {
                continue;
            }
            $cells = array_map(self::unescaped(...), str_getcsv($record, ',', '"', ''));
            if (count($cells) !== count($heading)) {
                throw FileFault::at($starts[$i], (string) __('file.cells_where_heading', ['cells' => count($cells), 'heading' => count($heading)]));
            }
            $rows[$starts[$i]] = array_map(trim(...), array_combine($heading, $cells));
        }

        return $rows;
    }

    /**
     * The rows of a text, and the line that each begins on: a line break within quotes belongs to its cell.
     *
     * @return array{list<string>, list<int>}
     */
    private static function records(string $text): array
    {
        $records = $starts = [];
        $open = [];
        $start = 1;
        $quotes = 0;
        foreach (explode("\n", $text) as $i => $line) {
            if ($open === []) {
                $start = $i + 1;
            }
            $open[] = $line;
            $quotes += substr_count($line, '"');
            if ($quotes % 2 === 0) {
                $records[] = implode("\n", $open);
                $starts[] = $start;
                $open = [];
            }
        }
        if ($open !== []) {
            throw FileFault::at($start, (string) __('file.quotation_mark_opened_not'));
        }

        return [$records, $starts];
    }

    /** A cell as it was before a spreadsheet was kept from running it as a formula. */
    private static function unescaped(?string $cell): string
    {
        return (string) preg_replace('/^\'(?=\'*[=+\-@\t\r])/', '', (string) $cell);
    }

    /** The number in a cell, or null when it is empty. @throws FileFault */
    public static function number(string $cell, int $line, string $column, float $least, float $most): ?float
    {
        if ($cell === '') {
            return null;
        }
        $number = filter_var($cell, FILTER_VALIDATE_FLOAT);
        if ($number === false || !is_finite($number) || $number < $least || $number > $most) {
            throw FileFault::at(
                $line,
                (string) __('file.in_not_number_from', ['cell' => mb_substr($cell, 0, 40), 'column' => $column, 'least' => $least, 'most' => $most]),
            );
        }

        return $number;
    }

    /** @param list<array<string, string|float|null>> $rows */
    public static function write(array $rows, string $heading): string
    {
        // A cell that already begins as an escaped one does is escaped once more, so that it comes back as it was.
        $escaped = array_map(
            static fn(array $row): array => array_map(
                static fn(string|float|null $cell): string|float|null => is_string($cell) && preg_match('/^\'+[=+\-@\t\r]/', $cell) === 1 ? "'".$cell : $cell,
                $row,
            ),
            $rows,
        );

        return $rows === [] ? $heading."\n" : (new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]))->encode($escaped, 'csv');
    }
}
