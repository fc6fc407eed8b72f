<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class CyclingFault extends Fault
{
    public static function range(): self
    {
        return new self(Text::of('start_up.range'));
    }
}
