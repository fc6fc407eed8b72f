<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Text;

/** How deep the largest fish still stands when the water is down. */
final class SwimmingDepth
{
    /** House default: a fish stands upright in one and a half times its body height. */
    public const BODY_HEIGHTS = 1.5;

    /** Water over the lowest part of the substrate at a mark below the rim, mm; not below 0. */
    public static function at(Vessel $vessel, float $mark): float
    {
        return max(0.0, $vessel->rim - $mark - $vessel->bed->lowest());
    }

    /** @param float $bodyHeight of the largest fish, mm */
    public static function needed(float $bodyHeight): float
    {
        return self::BODY_HEIGHTS * $bodyHeight;
    }

    public static function working(Vessel $vessel, float $mark): Computation
    {
        return Computation::of('standing_depth.title')
            ->given('rim', 'standing_depth.rim_above_inner_floor', $vessel->rim, 'mm')
            ->given('mark', 'standing_depth.drain_mark_below_rim', $mark, 'mm')
            ->given('bed', 'standing_depth.depth_of_bed_where_it_lowest', $vessel->bed->lowest(), 'mm')
            ->line('depth = max(rim - mark - bed, 0)', 'standing_depth.water_over_bed', 'mm')
            ->note(Text::of('standing_depth.fish_needs_body_heights_times_its', body_heights: self::BODY_HEIGHTS));
    }
}
