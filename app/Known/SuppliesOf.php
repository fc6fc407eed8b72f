<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Batch;
use App\Models\Keeper;
use App\Models\Supply;
use Carbon\CarbonImmutable;
use Cresco\Core\Rhythm\Stock;
use Illuminate\Support\Facades\DB;

/** What runs out at a keeper's: what is on the shelf, as doses and batches take it, and what the keeper counts. */
final class SuppliesOf
{
    /** Weeks of doses and batches that tell what a week takes. House default. */
    private const WEEKS = 8;

    /** Days that a parcel takes when nobody said. House default. */
    public const LEAD = 7;

    /** @return list<array{name: string, unit: string, stock: Stock, supply: Supply|null, expires: int|null, jar: int|null, home: bool}> what must be ordered first, first */
    public static function of(Keeper $keeper): array
    {
        $show = $keeper->show();
        $found = [];
        $weekly = self::weekly($keeper);
        foreach ($keeper->jars()->whereNotNull('stock')->get() as $jar) {
            if (($weekly[$jar->id] ?? 0.0) > 0.0) {
                $found[] = ['name' => $jar->name, 'unit' => $jar->unit, 'stock' => new Stock(max(0.0, (float) $jar->stock), $weekly[$jar->id], $jar->isHomeMade() ? 0 : self::LEAD), 'supply' => null, 'expires' => null, 'jar' => $jar->id, 'home' => $jar->isHomeMade()];
            }
        }
        foreach ($keeper->supplies()->get() as $supply) {
            $gone = max(0, $show->daysSinceDate($supply->counted_on)) / 7.0 * $supply->weekly;
            $found[] = [
                'name' => $supply->name, 'unit' => $supply->unit, 'stock' => new Stock(max(0.0, $supply->left - $gone), max(0.0, $supply->weekly), $supply->lead_days), 'supply' => $supply,
                'expires' => $supply->expires_on === null ? null : -$show->daysSinceDate($supply->expires_on), 'jar' => null, 'home' => false,
            ];
        }
        usort($found, static fn(array $a, array $b): int => [self::by($a['stock'], $a['expires']), $a['name']] <=> [self::by($b['stock'], $b['expires']), $b['name']]);

        return $found;
    }

    /** Days until something must be done about it. */
    private static function by(Stock $stock, ?int $expires): int
    {
        return min($stock->orderIn() ?? PHP_INT_MAX, $expires === null ? PHP_INT_MAX : $expires - $stock->lead);
    }

    /** @return array<int, float> what a week took of each jar, by jar */
    private static function weekly(Keeper $keeper): array
    {
        $since = CarbonImmutable::now()->subWeeks(self::WEEKS);
        $used = [];
        foreach (DB::table('doses')->whereIn('jar_id', $keeper->jars()->select('id'))->where('given_at', '>=', $since)->groupBy('jar_id')->selectRaw('jar_id, sum(amount) as amount')->get() as $row) {
            if (is_numeric($row->jar_id) && is_numeric($row->amount)) {
                $used[(int) $row->jar_id] = (float) $row->amount;
            }
        }
        foreach (Batch::query()->where('keeper_id', $keeper->id)->where('made_at', '>=', $since)->get() as $batch) {
            $content = new BatchContent($batch);
            foreach ($content->jars() as $jar) {
                if ($jar->jarId !== null) {
                    $used[$jar->jarId] = ($used[$jar->jarId] ?? 0.0) + $jar->amount * $content->timesJars();
                }
            }
        }

        return array_map(static fn(float $amount): float => $amount / self::WEEKS, $used);
    }
}
