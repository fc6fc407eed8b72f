<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** How a reading was taken; it decides what spread the reading has. */
enum Method: string
{
    case Exact = 'exact';
    case Pen = 'pen';
    case Drops = 'drops';
    case Between = 'between';
    case AtField = 'field';
    case AtLeast = 'at_least';
}
