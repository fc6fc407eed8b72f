<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A problem without an answer. */
final class NumericFault extends Fault
{
    public static function unbounded(): self
    {
        return new self(Text::of('numeric.unbounded'));
    }

    public static function notFinite(): self
    {
        return new self(Text::of('numeric.not_finite'));
    }
}
