<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** How the day on which a job is due comes about. */
enum Recurrence: string
{
    /** A course that is worked out ahead meets its limit: nitrate, the height of a plant group. */
    case Forecast = 'forecast';

    /** So many days after it was done, as what was found taught. */
    case Learned = 'learned';

    /** A day that is set. */
    case Fixed = 'fixed';

    /** What is printed on it, or so many hours of use. */
    case Expiry = 'expiry';
}
