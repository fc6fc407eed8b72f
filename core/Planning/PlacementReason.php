<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** Why a job lies on another day than it is due. */
enum PlacementReason: string
{
    /** It lies where it is due. */
    case Due = 'due';

    /** The keeper laid it there. */
    case Hand = 'hand';

    /** It is overdue, and this is the first day that has room. */
    case Overdue = 'overdue';

    /** Its day has no minutes at all. */
    case NoTime = 'no_time';

    /** Its day is full with what cannot wait as well. */
    case Full = 'full';

    /** Other work at the same tank is done then, so that all is set up once. */
    case Together = 'together';
}
