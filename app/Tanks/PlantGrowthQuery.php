<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What the plant groups of a tank grew in a day between two looks at them. */
final class PlantGrowthQuery
{
    /** Days between two looks that say anything of growth, least and most. House limits. */
    private const APART = [2, 120];

    /** @return list<array{int, int, float}> stand, second of the later look, and mm a day, by plant group and in the order of the looks */
    public static function of(Tank $tank, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $found = $before = [];
        $rows = DB::table('plant_measurements')->join('plant_groups', 'plant_groups.id', '=', 'plant_measurements.plant_group_id')
            ->where('plant_groups.tank_id', $tank->id)->where('happened_at', '<=', $until)
            ->where('happened_at', '>=', $from->subDays(self::APART[1]))->orderBy('plant_group_id')->orderBy('happened_at')
            ->get(['plant_group_id', 'happened_at', 'height', 'before', 'guessed']);
        foreach ($rows as $row) {
            if (!is_numeric($row->plant_group_id) || !is_string($row->happened_at) || !is_numeric($row->height)) {
                continue;
            }
            $plantGroup = (int) $row->plant_group_id;
            $at = (int) strtotime($row->happened_at.' UTC');
            [$then, $height] = $before[$plantGroup] ?? [null, 0.0];
            $since = $then === null ? 0.0 : ($at - $then) / 86400.0;
            // A cut notes what was found before it and what was left after; a guess by the eye measures nothing.
            if ($since >= self::APART[0] && $since <= self::APART[1] && !$row->guessed && $at >= $from->getTimestamp()) {
                $found[] = [$plantGroup, $at, ((is_numeric($row->before) ? (float) $row->before : (float) $row->height) - $height) / $since];
            }
            $before[$plantGroup] = [$at, (float) $row->height];
        }

        return $found;
    }
}
