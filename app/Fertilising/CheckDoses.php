<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Data\Phrase;
use App\Models\EntryKind;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DoseSteps;
use Illuminate\Support\Facades\DB;

/** Keeps whether new leaves are better with doses that were changed: then nothing is asked any more. */
final class CheckDoses
{
    /** Days until it is asked again where nobody can tell yet. House default. */
    public const AGAIN = 7;

    /** Another dose while a look is waited for puts it off; where nothing is planned any more there is nothing to look for. */
    public static function changed(Tank $tank, CarbonImmutable $from): void
    {
        if ($tank->doses_look_on !== null) {
            $tank->update(['doses_look_on' => $tank->dosePlans()->exists() ? max(
                $tank->doses_look_on->format('Y-m-d'),
                $from->addDays(DoseSteps::WAITS)->format('Y-m-d'),
            ) : null]);
        }
    }

    /** @param bool|null $helped null for what cannot be told yet */
    public function __invoke(Tank $tank, ?bool $helped): void
    {
        DB::transaction(static function () use ($tank, $helped): void {
            $fresh = Tank::query()->whereKey($tank->id)->whereNotNull('doses_look_on')->lockForUpdate()->first();
            if ($fresh === null) {
                return;
            }
            if ($helped === null) {
                $fresh->update(['doses_look_on' => CarbonImmutable::now($tank->keeper->timezone)->addDays(self::AGAIN)->format('Y-m-d')]);

                return;
            }
            $fresh->update(['doses_look_on' => null]);
            $tank->keeper->entries()->create([
                'tank_id' => $tank->id, 'kind' => EntryKind::Note, 'title' => Phrase::of($helped ? 'food.look.helped' : 'food.look.not'),
                'happened_at' => CarbonImmutable::now(),
            ]);
        });
    }
}
