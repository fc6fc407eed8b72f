<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** How soon something wants the keeper, most urgent first. */
enum Urgency: int
{
    /** Animals suffer now: something is to be done within ten minutes. */
    case Alarm = 0;

    /** A device stands off, or animals wait in their bag. */
    case Waiting = 1;

    /** A checklist is under way, or meant for today. */
    case UnderWay = 2;

    /** It will not wait for the rhythm: today. */
    case Today = 3;

    /** It tells something only if it is looked at now. */
    case Check = 4;

    case Late = 5;

    /** The next change is to see to it. */
    case Next = 6;

    case Due = 7;

    /** The first results of a tank. */
    case First = 8;

    /** Worth knowing. */
    case Note = 9;

    /** Its day is still to come. */
    case Ahead = 10;

    /** Whether it does not wait for a day of the week. */
    public function isForToday(): bool
    {
        return $this === self::Alarm || $this === self::Today;
    }

    /** Whether there is something to be done now. */
    public function isNow(): bool
    {
        return $this->value <= self::First->value;
    }
}
