<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Exchange\CsvFile;
use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Models\DataVersion;
use App\Models\Dose;
use App\Models\RecordQuota;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Doses of a tank as CSV, taken in as they are given out: when, of which product, how much, and whether it was left out. What a dose
 * brought is read from the file where it says so, else worked out from the product. The shelf stays as it is: these are doses of the past.
 */
final class DoseFile
{
    private const NEEDED = ['given_at', 'name', 'amount'];

    /** @return int how many were taken in; a day that has a dose of the same product keeps it @throws FileFault */
    public static function import(Tank $tank, string $text, ImportProgress $in): int
    {
        $show = $tank->keeper->show();
        $columns = array_map(static fn(Parameter $nutrient): string => $nutrient->value.'_mg_L', Parameter::nutrients());
        $products = $tank->keeper->products()->get()->keyBy('name');
        $litres = max(0.01, VesselQuery::tank($tank)->litres());
        $rows = [];
        $read = CsvFile::read($text, self::NEEDED, [...self::NEEDED, 'unit', 'left_out', ...$columns]);
        foreach ($read as $line => $cells) {
            $in->at($line, count($read));
            $product = $products->get($cells['name']) ?? throw FileFault::at(
                $line,
                (string) __('file.no_jar_or_bottle', ['name' => mb_substr($cells['name'], 0, 60)]),
            );
            $amount = self::number($cells['amount']);
            if ($amount === null || $amount > 100_000.0) {
                throw FileFault::at($line, (string) __('file.amount_number_from_0'));
            }
            $at = self::moment($cells['given_at'], $show) ?? throw FileFault::at($line, (string) __('file.day_hour_written_like'));
            $isMissed = in_array($cells['left_out'] ?? '', ['1', 'true', 'yes'], true);
            $milligrams = $product->toFeed($tank->keeper->scale_step)->milligrams ?? [];
            $brings = [];
            foreach (Parameter::nutrients() as $nutrient) {
                $said = self::number($cells[$nutrient->value.'_mg_L'] ?? '');
                $raise = $said ?? $amount * ($milligrams[$nutrient->value] ?? 0.0) / $litres;
                if ($raise > 0.0 && !$isMissed) {
                    $brings[$nutrient->value] = $raise;
                }
            }
            $rows[] = [
                'product_id' => $product->id, 'name' => $product->name, 'amount' => $amount, 'unit' => $product->unit, 'brings' => $brings,
                'given_at' => $at, 'day' => $show->local($at)->format('Y-m-d'), 'missed' => $isMissed,
            ];
        }

        return DB::transaction(static function () use ($tank, $rows): int {
            $have = [];
            foreach (DB::table('doses')->where('tank_id', $tank->id)->get(['product_id', 'day']) as $row) {
                $have[(is_numeric($row->product_id) ? (int) $row->product_id : 0).' '.(is_string($row->day) ? substr($row->day, 0, 10) : '')] = true;
            }
            $new = [];
            foreach ($rows as $row) {
                $key = $row['product_id'].' '.$row['day'];
                if (!isset($have[$key])) {
                    $new[] = $row;
                    $have[$key] = true;
                }
            }
            if (count($have) > RecordQuota::most(Dose::class)) {
                throw FileFault::tooMany(Dose::class);
            }
            // Few statements, so that nobody else waits for long.
            foreach (array_chunk($new, 250) as $some) {
                DB::table('doses')->insert(array_map(
                    static fn(array $row): array => [
                        'tank_id' => $tank->id, 'given_at' => $row['given_at']->format('Y-m-d H:i:s'),
                        'brings' => json_encode($row['brings'], JSON_THROW_ON_ERROR),
                    ] + $row,
                    $some,
                ));
            }
            DataVersion::raise([$tank->id]);

            return count($new);
        });
    }

    private static function number(string $text): ?float
    {
        return is_numeric($text) && is_finite((float) $text) && (float) $text >= 0.0 ? (float) $text : null;
    }

    private static function moment(string $text, Show $show): ?CarbonImmutable
    {
        if (preg_match('/^(19|20)\d\d-\d\d-\d\d([T ]\d\d:\d\d(:\d\d)?([+-]\d\d:?\d\d|Z)?)?$/', $text) !== 1) {
            return null;
        }
        try {
            $at = CarbonImmutable::parse($text, $show->local(CarbonImmutable::now())->getTimezone())->utc();
        } catch (Throwable) {
            return null;
        }

        return $at->isFuture() ? null : $at;
    }
}
