<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class StartUpFault extends Fault
{
    public static function range(): self
    {
        return new self(Text::of('start_up.range'));
    }
}
