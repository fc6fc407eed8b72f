<?php

declare(strict_types=1);

namespace App\Actions;

use App\Kept\ForecastRecord;
use App\Models\BedCleaning;
use App\Models\BedPatch;
use App\Models\Dose;
use App\Models\Entry;
use App\Models\EntryKind;
use App\Models\Run;
use App\Models\RunState;
use App\Models\RunStep;
use App\Models\StandLook;
use App\Models\WaterChange;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Notes that water was changed, and takes a change back: one record that every page reckons on from. */
final class NoteChange
{
    /**
     * @param ForecastRecord $forecast as it stood then
     * @param string         $title    of its entry in the diary
     */
    public function __invoke(int $keeper, int $tank, ?Run $run, ?int $water, string $source, float $litres, float $share, ForecastRecord $forecast, CarbonImmutable $at, string $title, ?string $body): WaterChange
    {
        return DB::transaction(static function () use ($keeper, $tank, $run, $water, $source, $litres, $share, $forecast, $at, $title, $body): WaterChange {
            $entry = new Entry(['tank_id' => $tank, 'run_id' => $run?->id, 'kind' => EntryKind::Change, 'title' => $title, 'body' => $body, 'happened_at' => $at]);
            $entry->keeper_id = $keeper;
            $entry->save();
            $change = new WaterChange([
                'tank_id' => $tank, 'run_id' => $run?->id, 'entry_id' => $entry->id, 'water_id' => $water, 'source' => mb_substr($source, 0, 160),
                'litres' => $litres, 'share' => $share, 'forecast' => $forecast, 'changed_at' => $at,
            ]);
            $change->keeper_id = $keeper;
            $change->save();

            return $change;
        });
    }

    /** Takes an entry out of the diary; with that of a change its look-back and the day of the next one go too. */
    public function takeBack(Entry $entry): void
    {
        DB::transaction(static function () use ($entry): void {
            if ($entry->kind === EntryKind::Change && $entry->run_id !== null) {
                Run::query()->whereKey($entry->run_id)->where('state', RunState::Done)->update(['state' => RunState::Dropped]);
            }
            // A dose that was none goes back onto the shelf.
            Dose::query()->where('entry_id', $entry->id)->get()->each(static fn(Dose $dose) => (new GiveDose())->takeBack($dose));
            if ($entry->run_id !== null && in_array($entry->kind, [EntryKind::Change, EntryKind::Work], true)) {
                self::undoWork($entry->run_id, $entry->kind === EntryKind::Work);
            }
            $entry->delete();
        });
    }

    /** What a session left at plants and substrate goes with it; one without a change goes as a whole. */
    private static function undoWork(int $run, bool $isAll): void
    {
        foreach (StandLook::query()->where('run_id', $run)->with('stand')->get() as $look) {
            $look->delete();
            $look->stand->update(['looked_at' => CarbonImmutable::now()]);
        }
        $patches = BedCleaning::query()->where('run_id', $run)->pluck('bed_patch_id');
        BedCleaning::query()->where('run_id', $run)->delete();
        foreach (BedPatch::query()->whereKey($patches)->get() as $patch) {
            $patch->update(['cleaned_at' => $patch->cleanings()->max('cleaned_at')]);
        }
        if ($isAll) {
            Run::query()->whereKey($run)->where('state', RunState::Done)->update(['state' => RunState::Dropped]);
            RunStep::query()->where('run_id', $run)->update(['skipped' => true]);
        }
    }
}
