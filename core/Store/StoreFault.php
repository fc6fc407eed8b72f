<?php

declare(strict_types=1);

namespace Cresco\Core\Store;

use InvalidArgumentException;

/** A store or a unit that cannot be. The message can be shown to a keeper. */
final class StoreFault extends InvalidArgumentException
{
    public static function production(): self
    {
        return new self('The unit must make some litres a day, and waste none or more.');
    }

    public static function tooLarge(float $litres, float $capacity): self
    {
        return new self(sprintf('%.0f L do not fit into a store of %.0f L: make it in two goes, or run the unit while you fill.', $litres, $capacity));
    }

    public static function reading(): self
    {
        return new self('What goes into the unit conducts something, and what comes out nothing or more.');
    }
}
