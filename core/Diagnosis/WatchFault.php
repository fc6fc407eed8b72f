<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** What cannot be watched. The message can be shown to a keeper. */
final class WatchFault extends Fault
{
    public static function values(): self
    {
        return new self(Text::of('watch.values'));
    }

    public static function limits(): self
    {
        return new self(Text::of('watch.limits'));
    }
}
