<?php

declare(strict_types=1);

namespace Cresco\Core\Working;

use Cresco\Core\Fault;

/** A formula that cannot be read, or that is asked for with a symbol missing. */
final class FormulaFault extends Fault
{
    public static function unreadable(string $text, int $position): self
    {
        return new self(sprintf('The formula "%s" cannot be read at position %d.', $text, $position));
    }

    public static function missing(string $symbol, string $text): self
    {
        return new self(sprintf('The formula "%s" needs a value for "%s".', $text, $symbol));
    }
}
