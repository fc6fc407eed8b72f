<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A lamp or a light that cannot be. The message can be shown to a keeper. */
final class LightFault extends Fault
{
    public static function flux(): self
    {
        return new self(Text::of('light.flux'));
    }

    public static function lamp(): self
    {
        return new self(Text::of('light.lamp'));
    }

    public static function hours(): self
    {
        return new self(Text::of('light.hours'));
    }

    public static function place(): self
    {
        return new self(Text::of('light.place'));
    }

    public static function reading(): self
    {
        return new self(Text::of('light.reading'));
    }
}
