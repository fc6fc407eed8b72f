<?php

declare(strict_types=1);

namespace Cresco\Core\Substrate;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A bed that cannot be. The message can be shown to a keeper. */
final class SubstrateFault extends Fault
{
    public static function patch(): self
    {
        return new self(Text::of('bed.patch'));
    }
}
