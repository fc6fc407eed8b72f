<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Fault;

final class PlanningFault extends Fault
{
    public static function band(): self
    {
        return new self('A band of days ends on or after the day on which it begins.');
    }

    public static function interval(): self
    {
        return new self('A job comes again after one day or more.');
    }

    public static function stock(): self
    {
        return new self('What is left, what a week takes and the days until more comes are 0 or more.');
    }

    public static function catchUp(): self
    {
        return new self('Shares lie between 0 and 1, days are 1 or more, and there is something to come down to.');
    }
}
