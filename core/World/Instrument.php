<?php

declare(strict_types=1);

namespace Cresco\Core\World;

/** What a simulated level is read with. */
enum Instrument: string
{
    case Chart = 'chart';
    case Drops = 'drops';
    case Photometer = 'photometer';
    case Pen = 'pen';
}
