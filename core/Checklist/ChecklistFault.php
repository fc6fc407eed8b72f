<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** Work that cannot be worked out. The message can be shown to a keeper. */
final class ChecklistFault extends Fault
{
    public static function litres(): self
    {
        return new self(Text::of('work.litres'));
    }
}
