<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

use Cresco\Core\Fault;

/** A problem without an answer. */
final class NumericFault extends Fault
{
    public static function unbounded(): self
    {
        return new self('Without a limit this has no end.');
    }

    public static function notFinite(): self
    {
        return new self('A figure that goes in is not an ordinary number.');
    }
}
