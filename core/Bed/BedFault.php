<?php

declare(strict_types=1);

namespace Cresco\Core\Bed;

use Cresco\Core\Fault;

/** A bed that cannot be. The message can be shown to a keeper. */
final class BedFault extends Fault
{
    public static function patch(): self
    {
        return new self('A patch lies within the plan and has some width and depth.');
    }
}
