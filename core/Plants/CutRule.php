<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What a cut of a form goes by. */
enum CutRule: string
{
    case Height = 'height';
    case Leaves = 'leaves';
    case Thickness = 'thickness';
    case Cover = 'cover';
    /** Whole leaves at the base: it stands less dense, and as long as before. */
    case Thinning = 'thinning';

    /** Whether a cut changes the cover, 0 to 1, and not the height. */
    public function isByCover(): bool
    {
        return $this === self::Cover || $this === self::Thinning;
    }
}
