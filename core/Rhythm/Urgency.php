<?php

declare(strict_types=1);

namespace Cresco\Core\Rhythm;

/** How soon something wants the keeper. */
enum Urgency: int
{
    /** Animals suffer now: something is to be done within ten minutes. */
    case Alarm = 0;

    /** It will not wait for the rhythm: today. */
    case Today = 1;

    /** The next change is to see to it. */
    case Next = 2;

    /** Worth knowing. */
    case Note = 3;
}
