<?php

declare(strict_types=1);

namespace App\Account;

use App\Data\ForecastRecord;
use App\Models\Keeper;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Testing\RecordResults;
use App\WaterChange\LogWaterChange;
use App\WaterChange\PastChange;
use Carbon\CarbonImmutable;
use Cresco\Core\Tank\AnimalGroup;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Sets up a guest with a tank and the tap water that goes in, from four answers. */
final class AnswerFirst
{
    public function __construct(private readonly RecordResults $record, private readonly LogWaterChange $note) {}

    /**
     * @param array<string, float> $sizes   of the tank outside, mm, by column
     * @param int|null             $changed days since the last water change; null where nobody knows or there was none
     * @param string               $nitrate as typed; empty where it was not tested
     *
     * @throws ValidationException when the nitrate is no result of a test; nothing is kept then
     */
    public function __invoke(array $sizes, AnimalGroup $animals, ?int $changed, string $nitrate, string $timezone): Tank
    {
        return DB::transaction(function () use ($sizes, $animals, $changed, $nitrate, $timezone): Tank {
            $guest = Guests::begin($timezone);
            try {
                $readings = $this->record->parse($guest, ['nitrate' => $nitrate]);
            } catch (ValidationException $fault) {
                throw ValidationException::withMessages(['nitrate' => $fault->validator->errors()->first()]);
            }
            $water = self::tap($guest);
            $tank = Tank::usual($animals)->fill($sizes + ['name' => (string) __('guest.tank'), 'source_water_id' => $water->id]);
            // A low tank has a low substrate too.
            $tank->fill([
                'substrate_back' => min($tank->substrate_back, 0.15 * $tank->outer_height),
                'substrate_front' => min($tank->substrate_front, 0.1 * $tank->outer_height),
                'water_below_rim' => min($tank->water_below_rim, 0.1 * $tank->outer_height),
            ]);
            $tank->keeper_id = $guest->id;
            $tank->save();
            $tank->setRelation('keeper', $guest->load('waters', 'kits'));
            $this->record->keep($guest, $tank, $readings, CarbonImmutable::now());
            $changed === null ?: $this->changed($guest, $tank, $water, CarbonImmutable::now()->subDays($changed)->subMinute());

            return $tank;
        });
    }

    /** The water that goes in where nobody named one. */
    public static function tap(Keeper $keeper): SourceWater
    {
        return $keeper->waters()->create(['name' => (string) __('guest.tap'), 'kind' => SourceWaterKind::Tap]);
    }

    /** How much was changed nobody asked: what is usual for such a tank. */
    private function changed(Keeper $guest, Tank $tank, SourceWater $water, CarbonImmutable $at): void
    {
        $change = PastChange::of($tank, $water, null, 0.0, $tank->routine_share * VesselQuery::tank($tank)->litres(), $at);
        $show = $guest->show();
        ($this->note)(
            $guest->id,
            $tank->id,
            null,
            $water->id,
            $change->source,
            $change->litres,
            $change->share,
            ForecastRecord::of($change->forecast),
            $at,
            (string) __('run.entry.changed', ['litres' => $show->volume($change->litres), 'share' => $show->percent($change->share)]),
            (string) __('guest.changed_note', ['share' => $show->percent($change->share)]),
        );
    }
}
