<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A plant group, a height or a cut that cannot be. The message can be shown to a keeper. */
final class PlantsFault extends Fault
{
    public static function growth(): self
    {
        return new self(Text::of('plants.growth'));
    }

    public static function cover(): self
    {
        return new self(Text::of('plants.cover'));
    }

    public static function light(): self
    {
        return new self(Text::of('plants.light'));
    }

    public static function place(): self
    {
        return new self(Text::of('plants.place'));
    }

    public static function stand(): self
    {
        return new self(Text::of('plants.stand'));
    }

    public static function planted(): self
    {
        return new self(Text::of('plants.planted'));
    }

    public static function cut(): self
    {
        return new self(Text::of('plants.cut'));
    }

    public static function mass(): self
    {
        return new self(Text::of('plants.mass'));
    }
}
