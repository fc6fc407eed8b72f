<?php

declare(strict_types=1);

namespace Cresco\Core\Rhythm;

use Cresco\Core\Fault;

final class RhythmFault extends Fault
{
    public static function band(): self
    {
        return new self('A band of days ends on or after the day on which it begins.');
    }
}
