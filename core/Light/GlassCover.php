<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** What lies between lamp and water. */
enum GlassCover: string
{
    case Open = 'open';
    case Clean = 'clean';
    case Dirty = 'dirty';

    /** Share of the light that it lets through. House default. */
    public function lets(): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::Clean => 0.9,
            self::Dirty => 0.75,
        };
    }
}
