<?php

declare(strict_types=1);

namespace Cresco\Core\Watch;

use Cresco\Core\Fault;

/** What cannot be watched. The message can be shown to a keeper. */
final class WatchFault extends Fault
{
    public static function values(): self
    {
        return new self('A course has at most 5,000 ordinary numbers.');
    }

    public static function limits(): self
    {
        return new self('A sum is watched with a slack and an alarm above 0.');
    }
}
