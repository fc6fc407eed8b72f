<?php

declare(strict_types=1);

namespace Cresco\Core\Flow;

use InvalidArgumentException;

/** A hose, a pump or a heater that cannot be. The message can be shown to a keeper. */
final class FlowFault extends InvalidArgumentException
{
    public static function hose(): self
    {
        return new self('A hose has a bore and a length, both above nothing.');
    }

    public static function tube(): self
    {
        return new self('A gravel tube has a width above nothing.');
    }

    public static function pump(): self
    {
        return new self('A pump has a rated flow and a greatest head, both above nothing.');
    }

    public static function warmth(): self
    {
        return new self('The goal must lie between the cold water and the hot.');
    }
}
