<?php

declare(strict_types=1);

namespace Cresco\Core\State;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** What cannot be worked out of a level in the water. The message can be shown to a keeper. */
final class StateFault extends Fault
{
    public static function event(): self
    {
        return new self(Text::of('state.event'));
    }

    public static function days(): self
    {
        return new self(Text::of('state.days'));
    }

    public static function loss(): self
    {
        return new self(Text::of('state.loss'));
    }
}
