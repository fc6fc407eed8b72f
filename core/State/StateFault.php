<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Fault;

/** What cannot be reckoned of a level in the water. The message can be shown to a keeper. */
final class StateFault extends Fault
{
    public static function event(): self
    {
        return new self('What happens to a level is an ordinary number, and a share lies between 0 and 1.');
    }

    public static function days(): self
    {
        return new self('A course runs over 0 to 4,000 days.');
    }

    public static function loss(): self
    {
        return new self('A loss is a share of 0 to 5 a day.');
    }
}
