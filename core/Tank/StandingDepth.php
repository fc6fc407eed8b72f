<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** How deep the largest fish still stands when the water is down. */
final class StandingDepth
{
    /** House default: a fish stands upright in one and a half times its body height. */
    public const BODY_HEIGHTS = 1.5;

    /** Water over the lowest part of the bed at a mark below the rim, mm; not below 0. */
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
        return Computation::of('Depth the fish stand in')
            ->given('rim', 'rim above the inner floor', $vessel->rim, 'mm')
            ->given('mark', 'drain mark below the rim', $mark, 'mm')
            ->given('bed', 'depth of the bed where it is lowest', $vessel->bed->lowest(), 'mm')
            ->line('depth = max(rim - mark - bed, 0)', 'water over the bed', 'mm')
            ->note(sprintf('A fish needs %s times its body height to stand upright (%s).', self::BODY_HEIGHTS, Grade::Guess->meaning()));
    }
}
