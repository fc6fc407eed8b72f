<?php

declare(strict_types=1);

namespace App\Supplies;

use App\Models\Batch;
use App\Models\Keeper;
use App\Models\SourceWaterKind;
use App\Models\TopOff;
use App\Models\WaterChange;
use App\Tanks\WaterUseQuery;
use App\Units\Show;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;

/** What is left of the newest batch of a water that is made up: how much, how old, and for which tank it was made. */
final readonly class BatchLeftQuery
{
    /** Days after which it is stirred and tested again before it goes in. House default. */
    private const STANDS = 14;

    /** Days after which nothing is said of it any more: nobody keeps water that long. House limit. */
    private const FORGOTTEN = 60;

    private function __construct(private Batch $batch, private CarbonImmutable $made, public float $litres) {}

    /** @return array<int, self> by water; those of which no batch was made lately are left out */
    public static function of(Keeper $keeper): array
    {
        $newest = Batch::query()->where('keeper_id', $keeper->id)->whereHas(
            'water',
            static fn($water) => $water->where('kind', SourceWaterKind::MadeUp),
        )->where('made_at', '>', CarbonImmutable::now()->subDays(self::FORGOTTEN))->groupBy('source_water_id')->selectRaw('max(id)');
        $found = [];
        foreach (Batch::query()->whereIn('id', $newest)->with('tank')->get() as $batch) {
            if ($batch->made_at !== null && $batch->source_water_id !== null) {
                $found[$batch->source_water_id] = new self(
                    $batch,
                    $batch->made_at,
                    max(0.0, $batch->litres - self::drawn($keeper, $batch->source_water_id, $batch->made_at)),
                );
            }
        }

        return $found;
    }

    private static function drawn(Keeper $keeper, int $water, CarbonImmutable $since): float
    {
        $litres = 0.0;
        foreach (WaterChange::query()->where('keeper_id', $keeper->id)->where('changed_at', '>', $since)->with('checklist')->get() as $change) {
            $plan = $change->checklist?->plan;
            $shares = $plan === null || $plan->waters === []
                ? [(int) $change->source_water_id => 1.0]
                : WaterUseQuery::shares($plan->waters, $plan->secondShare);
            $litres += $change->litres * ($shares[$water] ?? 0.0);
        }

        return $litres + (float) TopOff::query()->where('source_water_id', $water)->where('taken_at', '>', $since)->sum('litres');
    }

    public function words(Show $show): string
    {
        $days = max(0, (int) floor(TimeDifference::days($this->made, CarbonImmutable::now())));
        $words = __($this->batch->tank === null ? 'waters.batch.left' : 'waters.batch.left_for', [
            'day' => $show->day($this->made), 'tank' => $this->batch->tank->name ?? '', 'left' => $show->volume($this->litres), 'litres' => $show
                ->volume($this->batch->litres),
        ]);

        return $words.' '.trans_choice('waters.batch.age', $days, ['count' => $days]).($days > self::STANDS && $this->litres > 0.0
            ? ' '.__('waters.batch.old')
            : '');
    }
}
