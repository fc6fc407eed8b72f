<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

/** How animals are let over. */
enum AcclimationMethod: string
{
    /** A cup of the tank every few minutes, then over. */
    case Pour = 'pour';

    /** Through a hose, drop by drop, until the waters are close. */
    case Drip = 'drip';

    /** The same temperature, net over, the bag water away. */
    case Quick = 'quick';

    /** At once into clean water like that of the bag, and from there drop by drop. */
    case Clean = 'clean';

    /** Plants: unpacked, rinsed, looked through, kept apart. */
    case Rinse = 'rinse';
}
