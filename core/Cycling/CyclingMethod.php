<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** How a tank is started. */
enum CyclingMethod: string
{
    /** Filled, no plants, no light, until bacteria have grown. */
    case Dark = 'dark';

    /** Planted densely from the first day; plants take what would be ammonia. */
    case Planted = 'planted';

    /** Filled and lit, with stone and wood and no plants. */
    case Bare = 'bare';

    /** With a few hardy fish from the first day, fed sparingly. */
    case Fish = 'fish';

    /** With a filter that ran in another tank. */
    case Seeded = 'seeded';
}
