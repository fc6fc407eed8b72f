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
            throw FileFault::at(1, 'this is not text in UTF-8');
        }
        $text = (string) preg_replace('/^\x{FEFF}/u', '', str_replace(["\r\n", "\r"], "\n", $text));
        $lines = explode("\n", rtrim($text, "\n"));
        if (count($lines) > self::MOST_ROWS) {
            throw FileFault::at(self::MOST_ROWS, 'no file of more than '.self::MOST_ROWS.' lines is taken in');
        }
        $heading = array_map(trim(...), array_map(strval(...), str_getcsv($lines[0], ',', '"', '')));
        foreach (array_diff($needed, $heading) as $missing) {
            throw FileFault::at(1, sprintf('the column “%s” is missing', $missing));
        }
        foreach (array_diff($heading, $known) as $unknown) {
            throw FileFault::at(1, sprintf('there is no column “%s”; known are %s', mb_substr($unknown, 0, 40), implode(', ', $known)));
        }
        $rows = [];
        foreach (array_slice($lines, 1, null, true) as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(strval(...), str_getcsv($line, ',', '"', ''));
            if (count($cells) !== count($heading)) {
                throw FileFault::at($i + 1, sprintf('%d cells where the heading has %d', count($cells), count($heading)));
            }
            $rows[$i + 1] = array_map(trim(...), array_combine($heading, $cells));
        }

        return $rows;
    }

    /** The number in a cell, or null when it is empty. @throws FileFault */
    public static function number(string $cell, int $line, string $column, float $least, float $most): ?float
    {
        if ($cell === '') {
            return null;
        }
        $number = filter_var($cell, FILTER_VALIDATE_FLOAT);
        if ($number === false || !is_finite($number) || $number < $least || $number > $most) {
            throw FileFault::at($line, sprintf('“%s” in %s is not a number from %s to %s', mb_substr($cell, 0, 40), $column, $least, $most));
        }

        return $number;
    }

    /** @param list<array<string, string|float|null>> $rows */
    public static function write(array $rows, string $heading): string
    {
        return $rows === [] ? $heading."\n" : (new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]))->encode($rows, 'csv');
    }
}
