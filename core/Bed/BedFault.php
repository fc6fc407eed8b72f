<?php

declare(strict_types=1);

namespace Cresco\Core\Bed;

use InvalidArgumentException;

/** A bed that cannot be. The message can be shown to a keeper. */
final class BedFault extends InvalidArgumentException
{
    public static function patch(): self
    {
        return new self('A patch lies within the plan and has some width and depth.');
    }
}
