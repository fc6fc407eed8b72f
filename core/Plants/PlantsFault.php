<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Fault;

/** A stand, a height or a cut that cannot be. The message can be shown to a keeper. */
final class PlantsFault extends Fault
{
    public static function growth(): self
    {
        return new self('A stand has a height above nothing, below its ceiling, and a rate of at least nothing.');
    }

    public static function cover(): self
    {
        return new self('A cover is more than nothing and less than all, and doubles in more than nothing days.');
    }

    public static function light(): self
    {
        return new self('Light, overlap and cover are shares and amounts of at least nothing.');
    }

    public static function place(): self
    {
        return new self('A stand lies within the plan and has some width and depth.');
    }

    public static function stand(): self
    {
        return new self('A stand is between 1 and 3,000 mm tall, and below its ceiling.');
    }

    public static function planted(): self
    {
        return new self('days since a stand was planted are 0 or more');
    }

    public static function cut(): self
    {
        return new self('A cut leaves something, and less than there was.');
    }

    public static function mass(): self
    {
        return new self('A mass is at least nothing, and the water more than nothing.');
    }
}
