<?php

declare(strict_types=1);

namespace Cresco\Core\Calendar;

use Cresco\Core\Fault;

final class CalendarFault extends Fault
{
    public static function window(): self
    {
        return new self('A job lies between a first day, not before today, and a last one that is not before the first.');
    }

    public static function cost(): self
    {
        return new self('The minutes of a job and the cost of a day are 0 or more.');
    }

    public static function days(): self
    {
        return new self('There is at least one day, and none has less than no minutes.');
    }

    public static function nowhere(): self
    {
        return new self('That job, or that day, is not there.');
    }
}
