<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

/** How a tank is started. */
enum Way: string
{
    /** Filled, no plants, no light, until bacteria have grown. */
    case Dark = 'dark';

    /** Planted densely from the first day; plants take what would be ammonia. */
    case Planted = 'planted';

    /** With a filter that ran in another tank. */
    case Seeded = 'seeded';
}
