<?php

declare(strict_types=1);

namespace App\Log;

use App\Data\Phrase;
use App\Models\AnimalEvent;
use App\Models\ChoreTurn;
use App\Models\Dose;
use App\Models\Entry;
use App\Models\WaterChange;
use App\Tanks\VesselQuery;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\TestResult;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Puts an entry of the log right, with the readings and the change that hang on it. */
final class CorrectEntry
{
    /** A dose goes where its entry goes; on a day that has one of the same bottle there is no room for it. */
    private static function moveDose(Entry $entry, CarbonImmutable $moved): void
    {
        $dose = Dose::query()->where('entry_id', $entry->id)->first();
        if ($dose === null || $dose->given_at->equalTo($moved)) {
            return;
        }
        $day = $moved->setTimezone($entry->keeper->timezone ?? 'UTC')->format('Y-m-d');
        if (Dose::query()->whereKeyNot($dose->id)->where('tank_id', $dose->tank_id)->where('product_id', $dose->product_id)->where('day', $day)->exists()) {
            throw ValidationException::withMessages(['happened_at' => __('food.day_taken')]);
        }
        $dose->update(['given_at' => $moved, 'day' => $day]);
    }

    /**
     * @param array<string, TestResult> $readings again, by parameter value
     * @param list<string>              $gone     readings that are taken out
     * @param float|null                $litres   that were changed; null when the entry is no change
     */
    public function __invoke(Entry $entry, CarbonImmutable $at, ?string $title, ?string $body, array $readings, array $gone, ?float $litres): void
    {
        DB::transaction(static function () use ($entry, $at, $title, $body, $readings, $gone, $litres): void {
            $moved = !$at->equalTo($entry->happened_at->setSecond(0)) ? $at : $entry->happened_at;
            // What nobody touched keeps its key.
            $entry->update(['happened_at' => $moved] + ($body === $entry->body ? [] : ['body' => $body]) + ($title === null
                || $title === $entry->title ? [] : ['title' => $title]));
            $entry->readings()->update(['taken_at' => $moved]);
            self::moveDose($entry, $moved);
            AnimalEvent::query()->where('entry_id', $entry->id)->get()
                ->each(static fn(AnimalEvent $event) => $event->update(['day' => $moved->setTimezone($entry->keeper->timezone ?? 'UTC')->format('Y-m-d')]));
            ChoreTurn::query()->where('entry_id', $entry->id)->with('chore')->get()->each(static function (ChoreTurn $turn) use ($moved): void {
                $turn->update(['done_at' => $moved]);
                $turn->chore->update(['last_at' => $turn->chore->turns()->max('done_at')]);
            });
            $entry->readings()->whereIn('parameter', $gone)->delete();
            foreach ($readings as $name => $reading) {
                $entry->readings()->where('parameter', $name)
                    ->update(['method' => $reading->method, 'value' => $reading->value, 'low' => $reading->low, 'high' => $reading->high]);
            }
            $change = $litres === null ? null : WaterChange::query()->where('entry_id', $entry->id)->first();
            if ($change === null || $litres === null) {
                return;
            }
            $share = $change->share;
            if (abs($litres - $change->litres) > 1e-9) {
                // So many litres in as many goes as before: the share follows them.
                $net = VesselQuery::tank($change->tank)->litres();
                $share = min(1.0, $change->litres > 0.0 ? 1.0 - (1.0 - min(0.999999, $change->share)) ** ($litres / $change->litres) : $litres / $net);
                $share = $change->checklist_id === null ? min(1.0, $litres / $net) : $share;
            }
            $change->update([
                'changed_at' => $moved, 'litres' => $litres, 'share' => $share,
                'forecast' => abs($share - $change->share) < 1e-12 ? $change->forecast : $change->forecast->partly($share),
            ]);
            if ($change->wasChanged('share')) {
                $show = $change->tank->keeper->show();
                $entry->update(['title' => Phrase::of('run.entry.changed', ['litres' => $show->volume($litres), 'share' => $show->percent($share)])]);
            }
        });
    }
}
