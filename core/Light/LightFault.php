<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

use Cresco\Core\Fault;

/** A lamp or a light that cannot be. The message can be shown to a keeper. */
final class LightFault extends Fault
{
    public static function flux(): self
    {
        return new self('A lamp gives more than nothing and at most 100,000 µmol/s.');
    }

    public static function lamp(): self
    {
        return new self('A lamp is 1 to 10,000 mm long and wide, hangs at most 5,000 mm over the water and opens by 5 to 170 degrees.');
    }

    public static function hours(): self
    {
        return new self('A lamp is on for 0 to 24 hours a day, with a ramp no longer than half of that.');
    }

    public static function place(): self
    {
        return new self('A place lies within the water.');
    }

    public static function reading(): self
    {
        return new self('A reading of light is more than nothing, with a doubt of more than nothing.');
    }
}
