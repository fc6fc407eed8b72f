<?php

declare(strict_types=1);

namespace App\View;

use App\Known\Jobs;
use App\Known\TankWater;
use App\Known\VesselOf;
use App\Models\RunState;
use App\Models\Tank;
use Cresco\Core\Planning\Due;

/** The six places of one tank, each with its state in a line. */
final readonly class TankLoop
{
    /** @param list<LoopStop> $stops */
    private function __construct(public Tank $tank, public string $size, public array $stops) {}

    public static function of(Tank $tank, string $here, ?TankWater $water = null): self
    {
        $show = $tank->keeper->show();
        $vessel = VesselOf::tank($tank);
        $size = $show->volume($vessel->litres());
        $open = $tank->runs()->open()->first();
        $water ??= TankWater::of($tank);
        $last = $water->change;
        $newest = $water->newest();
        $base = '/tanks/'.$tank->id;
        $troubles = $tank->inquiries()->open()->count();
        $stands = $tank->relationLoaded('stands') ? $tank->stands->count() : $tank->stands()->count();

        $here = match ($here) {
            'session' => 'change',
            'look-back', 'diary' => 'log',
            default => $here,
        };

        return new self($tank, $size, [
            new LoopStop('look', __('rhythm.stop.look'), $base, __('rhythm.tab.look'), $here === 'look', 'o'),
            new LoopStop('change', __('rhythm.stop.change'), $open?->state === RunState::Running ? '/checklists/'.$open->id : $base.'/water-change', $open?->state === RunState::Running ? $open->progress() : self::short(Jobs::changeDue($tank, $last?->changed_at, $show)), $here === 'change', 'c'),
            new LoopStop('plants', __('rhythm.stop.plants'), $base.'/plants', trans_choice('rhythm.stands', $stands, ['count' => $stands]), $here === 'plants', 'p'),
            new LoopStop('food', __('rhythm.stop.food'), $base.'/fertilising', __('rhythm.tab.food'), $here === 'food', 'f'),
            new LoopStop('trouble', __('inquiry.loop'), $base.'/problems', trans_choice('inquiry.stop', $troubles, ['count' => $troubles]), $here === 'trouble', 'w'),
            new LoopStop('log', __('rhythm.stop.log'), $base.'/log', $newest === null ? __('rhythm.tab.unread') : __('rhythm.tab.read', ['day' => $show->day($newest)]), $here === 'log', 'l'),
        ]);
    }

    /** The same for a tab, where there is room for two words. */
    public static function short(?Due $change): string
    {
        return $change === null ? __('rhythm.tab.first') : match (true) {
            $change->over() > 0 => trans_choice('rhythm.tab.late', $change->over(), ['count' => $change->over()]),
            $change->over() === 0 => __('rhythm.tab.today'),
            default => trans_choice('rhythm.tab.ahead', -$change->over(), ['count' => -$change->over()]),
        };
    }

    /** When the next change of the routine falls due, in words. */
    public static function due(?Due $change): string
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
