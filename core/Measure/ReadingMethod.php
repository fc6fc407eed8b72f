<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** How a reading was taken; it decides what spread the reading has. */
enum ReadingMethod: string
{
    case Exact = 'exact';
    case Pen = 'pen';
    case Drops = 'drops';
    case Between = 'between';
    case AtField = 'field';
    case AtLeast = 'at_least';

    /**
     * By which a kit is off in all that it reads, as a share, a standard deviation: a titrant, and a chart or photometer. House defaults. A meter is
     * off alike in tanks and in what goes into them, so that no mixing tells; its accuracy widens what is said in the end.
     */
    public function kitOff(): float
    {
        return match ($this) {
            self::Pen => 0.0,
            self::Drops => 0.04,
            default => 0.08,
        };
    }
}
