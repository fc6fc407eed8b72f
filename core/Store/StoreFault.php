<?php

declare(strict_types=1);

namespace Cresco\Core\Store;

use Cresco\Core\Fault;

/** A store or a unit that cannot be. The message can be shown to a keeper. */
final class StoreFault extends Fault
{
    public static function production(): self
    {
        return new self('The unit must make some litres a day, and waste none or more.');
    }

    public static function tooLarge(float $litres, float $capacity): self
    {
        return new self(sprintf('%.0f L do not fit into a store of %.0f L: make it in two goes, or run the unit while you fill.', $litres, $capacity));
    }

    public static function turnedRound(float $in, float $out): self
    {
        return new self(sprintf('%.0f µS/cm come out of the unit and only %.0f go in: are the two turned round, or the unit at fault?', $out, $in));
    }

    public static function reading(): self
    {
        return new self('What goes into the unit conducts something, and what comes out nothing or more.');
    }
}
