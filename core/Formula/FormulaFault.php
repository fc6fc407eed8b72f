<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A formula that cannot be read, or that is asked for with a symbol missing. */
final class FormulaFault extends Fault
{
    public static function unreadable(string $text, int $position): self
    {
        return new self(Text::of('formula.unreadable', text: $text, position: $position));
    }

    public static function missing(string $symbol, string $text): self
    {
        return new self(Text::of('formula.missing', text: $text, symbol: $symbol));
    }
}
