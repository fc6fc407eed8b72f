<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\PlantGroup;
use App\Models\RootTab;
use App\Models\Tank;
use App\Units\Show;
use Cresco\Core\Fertilising\RootTabKind;
use Cresco\Core\Planning\DueBand;
use Illuminate\Support\Facades\DB;

/** Plant groups that feed by their roots, when they last had root tabs and when those are to be renewed. */
final class RootTabsQuery
{
    /** Share of its food by the roots from which on a plant group is given root tabs. House default. */
    public const ROOTS = 0.7;

    /**
     * @param array<int, Tank>   $tanks by id
     * @param list<RootTab>|null $last  of their stands, where they are not to be looked up
     *
     * @return array<int, array<int, array{DueBand, string}>> when, and what grows there, by tank and plant group that had some
     */
    public static function due(array $tanks, Show $show, ?array $last = null): array
    {
        $due = [];
        foreach ($last ?? self::last(array_keys($tanks)) as $rootTab) {
            $tank = $tanks[$rootTab->plantGroup->tank_id];
            [$least, $most] = $rootTab->kind->days($tank->warmth, $rootTab->plantGroup->toKind()->roots);
            $since = $show->daysSinceDate($rootTab->placed_on);
            $due[$tank->id][$rootTab->plant_group_id] = [new DueBand($least - $since, $most - $since), $rootTab->plantGroup->toKind()->name];
        }

        return $due;
    }

    /**
     * @param list<int> $tanks
     *
     * @return list<RootTab> the last of each plant group
     */
    public static function last(array $tanks): array
    {
        $last = [];
        foreach (RootTab::query()->whereIn(
            'plant_group_id',
            DB::table('plant_groups')->select('id')->whereIn('tank_id', $tanks)->whereNull('gone_at'),
        )->with('plantGroup.plantKind')->orderBy('placed_on')->orderBy('id')->get() as $rootTab) {
            $last[$rootTab->plant_group_id] = $rootTab;
        }

        return array_values($last);
    }

    /** Whether a plant group is one that root tabs are for. */
    public static function isFor(PlantGroup $plantGroup): bool
    {
        return $plantGroup->toKind()->roots >= self::ROOTS;
    }

    /** The most that go in on one day. */
    public static function most(float $litres): int
    {
        return RootTabKind::most($litres);
    }
}
