<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** When, in a session, a reading is taken and of which water. */
enum ReadingPoint: string
{
    case Before = 'before';
    case NewWater = 'new_water';
    case RightAfter = 'right_after';

    public function ofTank(): bool
    {
        return $this !== self::NewWater;
    }
}
