<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Data\ForecastRecord;
use App\Data\Phrase;
use App\Models\Checklist;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that water was changed: one record that every page works on from. */
final class LogWaterChange
{
    /**
     * @param ForecastRecord $forecast as it stood then
     * @param string|Phrase  $title    of its entry in the log
     */
    public function __invoke(
        int $keeper,
        int $tank,
        ?Checklist $checklist,
        ?int $water,
        string $source,
        float $litres,
        float $share,
        ForecastRecord $forecast,
        CarbonImmutable $at,
        string|Phrase $title,
        string|Phrase|null $body,
    ): WaterChange {
        return DB::transaction(static function () use ($keeper, $tank, $checklist, $water, $source, $litres, $share, $forecast, $at, $title, $body): WaterChange {
            $entry = new Entry([
                'tank_id' => $tank, 'checklist_id' => $checklist?->id, 'kind' => EntryKind::Change, 'title' => $title, 'body' => $body,
                'happened_at' => $at,
            ]);
            $entry->keeper_id = $keeper;
            $entry->save();
            $change = new WaterChange([
                'tank_id' => $tank, 'checklist_id' => $checklist?->id, 'entry_id' => $entry
                    ->id, 'source_water_id' => $water, 'source' => mb_substr($source, 0, 160),
                'litres' => $litres, 'share' => $share, 'forecast' => $forecast, 'changed_at' => $at,
            ]);
            $change->keeper_id = $keeper;
            $change->save();

            return $change;
        });
    }
}
