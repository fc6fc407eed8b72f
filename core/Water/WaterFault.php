<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use InvalidArgumentException;

/** A water that cannot be. The message can be shown to a keeper. */
final class WaterFault extends InvalidArgumentException
{
    public static function amount(string $what): self
    {
        return new self(sprintf('%s must be zero or more.', $what));
    }

    public static function hardnessBelowCalcium(): self
    {
        return new self('The hardness is less than the calcium alone: one of the two is wrong.');
    }
}
