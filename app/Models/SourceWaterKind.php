<?php

declare(strict_types=1);

namespace App\Models;

/** Where a water comes from. */
enum SourceWaterKind: string
{
    case Tap = 'tap';
    case ReverseOsmosis = 'reverse_osmosis';
    case Rain = 'rain';
    case MadeUp = 'made_up';

    /** Whether next to nothing is dissolved in it. */
    public function isBare(): bool
    {
        return $this === self::ReverseOsmosis || $this === self::Rain;
    }
}
