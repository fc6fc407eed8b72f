<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** Work that cannot be reckoned. The message can be shown to a keeper. */
final class WorkFault extends Fault
{
    public static function litres(): self
    {
        return new self(Text::of('work.litres'));
    }
}
