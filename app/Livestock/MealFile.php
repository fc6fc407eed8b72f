<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Exchange\CsvFile;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Models\DataVersion;
use App\Models\FeedingOverride;
use App\Models\RecordQuota;
use App\Models\Tank;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** What the animals of a tank were given where that was not the usual, as CSV: from which day to which, grams a day, a note. */
final class MealFile
{
    private const COLUMNS = ['from_day', 'until_day', 'grams', 'note'];

    /** The most grams a day. House limit. */
    private const MOST = 500.0;

    public static function export(Tank $tank): string
    {
        $rows = [];
        foreach ($tank->feedingOverrides()->orderBy('from_day')->orderBy('id')->get() as $spell) {
            $rows[] = [$spell->from_day->format('Y-m-d'), $spell->until_day->format('Y-m-d'), round($spell->grams, 6), $spell->note ?? ''];
        }

        return implode(',', self::COLUMNS)."\n".($rows === [] ? '' : (new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]))->encode(
            $rows,
            'csv',
            [CsvEncoder::NO_HEADERS_KEY => true],
        ));
    }

    /** @return int how many were taken in; one that is there already is not taken in twice @throws FileFault */
    public static function import(Tank $tank, string $text, ImportProgress $in): int
    {
        $rows = [];
        $read = CsvFile::read($text, ['from_day', 'until_day', 'grams'], self::COLUMNS);
        foreach ($read as $line => $cells) {
            $in->at($line, count($read));
            foreach (['from_day', 'until_day'] as $day) {
                if (!self::isDay($cells[$day])) {
                    throw FileFault::at($line, (string) __('file.days_written_like_2026'));
                }
            }
            if ($cells['until_day'] < $cells['from_day']) {
                throw FileFault::at($line, (string) __('file.last_day_lies_before'));
            }
            if (!is_numeric($cells['grams']) || !((float) $cells['grams'] >= 0.0 && (float) $cells['grams'] <= self::MOST)) {
                throw FileFault::at($line, (string) __('file.grams_day_number_from'));
            }
            $note = $cells['note'] ?? '';
            if (mb_strlen($note) > 120) {
                throw FileFault::at($line, (string) __('file.note_120_letters_at'));
            }
            $rows[] = [
                'from_day' => $cells['from_day'], 'until_day' => $cells['until_day'], 'grams' => (float) $cells['grams'],
                'note' => $note === '' ? null : $note,
            ];
        }

        return DB::transaction(static function () use ($tank, $rows): int {
            $have = [];
            foreach ($tank->feedingOverrides()->get() as $spell) {
                $have[$spell->from_day->format('Y-m-d').' '.$spell->until_day->format('Y-m-d')] = true;
            }
            $new = [];
            foreach ($rows as $row) {
                $key = $row['from_day'].' '.$row['until_day'];
                if (!isset($have[$key])) {
                    $new[] = ['tank_id' => $tank->id] + $row;
                    $have[$key] = true;
                }
            }
            if (count($have) > RecordQuota::most(FeedingOverride::class)) {
                throw FileFault::tooMany(FeedingOverride::class);
            }
            DB::table('feeding_overrides')->insert($new);
            DataVersion::raise([$tank->id]);

            return count($new);
        });
    }

    private static function isDay(string $text): bool
    {
        return preg_match('/^(20\d\d)-(\d\d)-(\d\d)$/', $text, $parts) === 1 && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]);
    }
}
