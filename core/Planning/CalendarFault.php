<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class CalendarFault extends Fault
{
    public static function window(): self
    {
        return new self(Text::of('calendar.window'));
    }

    public static function cost(): self
    {
        return new self(Text::of('calendar.cost'));
    }

    public static function days(): self
    {
        return new self(Text::of('calendar.days'));
    }

    public static function nowhere(): self
    {
        return new self(Text::of('calendar.nowhere'));
    }
}
