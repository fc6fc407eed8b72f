<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\ChecklistState;
use App\Models\Tank;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use Cresco\Core\Planning\DueBand;

/** The six places of one tank, each with its state in a line. */
final readonly class TankTabs
{
    /** @param list<TabState> $stops */
    private function __construct(public Tank $tank, public string $size, public array $stops) {}

    public static function of(Tank $tank, string $here, ?TankWaterQuery $water = null): self
    {
        $show = $tank->keeper->show();
        $vessel = VesselQuery::tank($tank);
        $size = $show->volume($vessel->litres());
        $open = $tank->checklists()->open()->first();
        $water ??= TankWaterQuery::of($tank);
        $last = $water->change;
        $newest = $water->newest();
        $base = '/tanks/'.$tank->id;
        $troubles = $tank->problems()->open()->count();
        $plantGroups = $tank->relationLoaded('plantGroups') ? $tank->plantGroups->count() : $tank->plantGroups()->count();

        $here = match ($here) {
            'session' => 'change',
            'look-back', 'diary' => 'log',
            default => $here,
        };

        return new self($tank, $size, [
            new TabState('look', __('rhythm.stop.look'), $base, __('rhythm.tab.look'), $here === 'look', 'o'),
            new TabState(
                'change',
                __('rhythm.stop.change'),
                $open?->state === ChecklistState::Running ? '/checklists/'.$open->id : $base.'/water-change',
                $open?->state === ChecklistState::Running ? $open->progress() : self::short(JobsQuery::changeDue($tank, $last?->changed_at, $show)),
                $here === 'change',
                'c',
            ),
            new TabState(
                'plants',
                __('rhythm.stop.plants'),
                $base.'/plants',
                trans_choice('rhythm.stands', $plantGroups, ['count' => $plantGroups]),
                $here === 'plants',
                'p',
            ),
            new TabState('food', __('rhythm.stop.food'), $base.'/fertilising', __('rhythm.tab.food'), $here === 'food', 'f'),
            new TabState(
                'trouble',
                __('inquiry.loop'),
                $base.'/problems',
                trans_choice('inquiry.stop', $troubles, ['count' => $troubles]),
                $here === 'trouble',
                'w',
            ),
            new TabState(
                'log',
                __('rhythm.stop.log'),
                $base.'/log',
                $newest === null ? __('rhythm.tab.unread') : __('rhythm.tab.read', ['day' => $show->day($newest)]),
                $here === 'log',
                'l',
            ),
        ]);
    }

    /** The same for a tab, where there is room for two words. */
    public static function short(?DueBand $change): string
    {
        return $change === null ? __('rhythm.tab.first') : match (true) {
            $change->over() > 0 => trans_choice('rhythm.tab.late', $change->over(), ['count' => $change->over()]),
            $change->over() === 0 => __('rhythm.tab.today'),
            default => trans_choice('rhythm.tab.ahead', -$change->over(), ['count' => -$change->over()]),
        };
    }

    /** When the next change of the routine falls due, in words. */
    public static function due(?DueBand $change): string
    {
        return $change === null ? __('rhythm.first') : match (true) {
            $change->over() === 1 => __('rhythm.yesterday'),
            $change->over() > 0 => trans_choice('rhythm.late', $change->over(), ['count' => $change->over()]),
            $change->over() === 0 => __('rhythm.today'),
            $change->over() === -1 => __('rhythm.tomorrow'),
            default => trans_choice('rhythm.ahead', -$change->over(), ['count' => -$change->over()]),
        };
    }
}
