<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** What cannot be worked out about algae. The message can be shown to a keeper. */
final class AlgaeFault extends Fault
{
    public static function mass(): self
    {
        return new self(Text::of('algae.mass'));
    }

    public static function buffer(): self
    {
        return new self(Text::of('algae.buffer'));
    }

    public static function change(): self
    {
        return new self(Text::of('algae.change'));
    }

    public static function step(): self
    {
        return new self(Text::of('algae.step'));
    }

    public static function tank(): self
    {
        return new self(Text::of('algae.tank'));
    }
}
