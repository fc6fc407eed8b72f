<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Models\Batch;
use App\Models\DosePlan;
use App\Models\Keeper;
use App\Models\Supply;
use App\Tanks\BatchContent;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Planning\StockForecast;
use Illuminate\Support\Facades\DB;

/** What runs out at a keeper's: what is in stock, as doses and batches take it, and what the keeper counts. */
final class SuppliesQuery
{
    /** Weeks of doses and batches that tell what a week takes. House default. */
    private const WEEKS = 8;

    /** Weeks at least that batches are spread over: one alone does not make a week's use. House default. */
    private const BATCH_WEEKS = 4;

    /** Days within which a planned dose counts: one that begins later has time. House default. */
    private const SOON = 7;

    /** Days that a parcel takes when nobody said. House default. */
    public const LEAD = 7;

    /**
     * @return list<array{name: string, unit: string, stock: StockForecast, supply: Supply|null, expires: int|null, jar: int|null, home: bool}>
     *     what must be ordered first, first
     */
    public static function of(Keeper $keeper): array
    {
        $show = $keeper->show();
        $found = [];
        $weekly = self::weekly($keeper);
        foreach ($keeper->products()->whereNotNull('stock')->get() as $product) {
            if (($weekly[$product->id] ?? 0.0) > 0.0) {
                $found[] = [
                    'name' => $product->name, 'unit' => $product->unit,
                    'stock' => new StockForecast(max(0.0, (float) $product->stock), $weekly[$product->id], $product->isHomeMade() ? 0 : self::LEAD),
                    'supply' => null, 'expires' => null, 'jar' => $product->id, 'home' => $product->isHomeMade(),
                ];
            }
        }
        foreach ($keeper->supplies()->get() as $supply) {
            $gone = max(0, $show->daysSinceDate($supply->counted_on)) / 7.0 * $supply->weekly;
            $found[] = [
                'name' => $supply->name, 'unit' => $supply->unit, 'stock' => new StockForecast(
                    max(0.0, $supply->left - $gone),
                    max(0.0, $supply->weekly),
                    $supply->lead_days,
                ), 'supply' => $supply,
                'expires' => $supply->expires_on === null ? null : -$show->daysSinceDate($supply->expires_on), 'jar' => null, 'home' => false,
            ];
        }
        usort(
            $found,
            static fn(array $a, array $b): int => [self::by($a['stock'], $a['expires']), $a['name']] <=> [self::by($b['stock'], $b['expires']), $b['name']],
        );

        return $found;
    }

    /** Days until something must be done about it. */
    private static function by(StockForecast $stock, ?int $expires): int
    {
        return min($stock->orderIn() ?? PHP_INT_MAX, $expires === null ? PHP_INT_MAX : $expires - $stock->lead);
    }

    /**
     * What a week takes of each product, by product: as doses and batches took it since they began, and no less than is planned.
     *
     * @return array<int, float>
     */
    private static function weekly(Keeper $keeper): array
    {
        $now = CarbonImmutable::now();
        $since = $now->subWeeks(self::WEEKS);
        // Looked for twice as far back, so that only what is really young counts as young.
        $before = $since->subWeeks(self::WEEKS);
        $weeks = static fn(CarbonImmutable $first, int $least): float => max(
            (float) $least,
            min((float) self::WEEKS, TimeDifference::days($first, $now) / 7.0),
        );
        $weekly = $made = [];
        foreach (DB::table('doses')->whereIn('product_id', $keeper->products()->select('id'))->where('missed', false)
            ->where('given_at', '>=', $before)->groupBy('product_id')
            ->selectRaw(
                'product_id, sum(case when given_at >= ? then amount else 0 end) as amount, count(*) as many, min(given_at) as first',
                [$since->format('Y-m-d H:i:s')],
            )->get() as $row) {
            if (is_numeric($row->product_id) && is_numeric($row->amount) && is_numeric($row->many) && is_string($row->first)) {
                $first = CarbonImmutable::parse($row->first, 'UTC');
                // From the first of some doses to the last there is a time less between than there are doses.
                $between = $row->many > 1 && $first->greaterThanOrEqualTo($since) && $first->lessThanOrEqualTo($now->subWeek())
                    ? 1.0 - 1.0 / (float) $row->many
                    : 1.0;
                $weekly[(int) $row->product_id] = (float) $row->amount * $between / $weeks($first, 1);
            }
        }
        foreach (self::planned($keeper) as $product => $amount) {
            $weekly[$product] = max($amount, $weekly[$product] ?? 0.0);
        }
        foreach (Batch::query()->where('keeper_id', $keeper->id)->where('made_at', '>=', $before)->orderBy('made_at')->get() as $batch) {
            $content = new BatchContent($batch);
            foreach ($content->products() as $product) {
                if ($product->productId !== null && $batch->made_at !== null) {
                    $made[$product->productId] ??= [0.0, $weeks($batch->made_at, self::BATCH_WEEKS)];
                    $made[$product->productId][0] += $batch->made_at->greaterThanOrEqualTo($since) ? $product->amount * $content->timesProducts() : 0.0;
                }
            }
        }
        foreach ($made as $product => [$amount, $over]) {
            $weekly[$product] = ($weekly[$product] ?? 0.0) + $amount / $over;
        }

        return $weekly;
    }

    /** @return array<int, float> what the doses that go on take of each product in a week, by product */
    private static function planned(Keeper $keeper): array
    {
        $today = $keeper->show()->local(CarbonImmutable::now());
        $planned = [];
        foreach (DosePlan::query()->whereIn('product_id', $keeper->products()->select('id'))->get() as $plan) {
            $next = $plan->next($today);
            if ($next !== null && $next < self::SOON) {
                // Steps of one dose follow each other: of those that fall into a week the largest counts.
                $planned[$plan->product_id][$plan->tank_id] = max(
                    $planned[$plan->product_id][$plan->tank_id] ?? 0.0,
                    7.0 * $plan->given() / max(1, $plan->every),
                );
            }
        }

        return array_map(array_sum(...), $planned);
    }
}
