<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

use Cresco\Core\Fault;
use Cresco\Core\Text;

final class LivestockFault extends Fault
{
    public static function range(): self
    {
        return new self(Text::of('animals.range'));
    }
}
