<?php

declare(strict_types=1);

namespace Cresco\Core\Flow;

use Cresco\Core\Fault;

/** A hose, a pump or a heater that cannot be. The message can be shown to a keeper. */
final class FlowFault extends Fault
{
    public static function hose(): self
    {
        return new self('A hose has a bore and a length, both above nothing.');
    }

    public static function tube(): self
    {
        return new self('A gravel tube has a width above nothing.');
    }

    public static function grain(): self
    {
        return new self('A grain has a size, from a thousandth of a millimetre to a metre.');
    }

    public static function pump(): self
    {
        return new self('A pump has a rated flow and a greatest head, both above nothing.');
    }

    public static function heater(): self
    {
        return new self('Litres, watts and the panes of a tank are ordinary numbers, nothing or more.');
    }

    public static function water(): self
    {
        return new self('Water in a hose is between 0 and 60 °C, and its litres and heights are ordinary numbers.');
    }

    public static function warmth(): self
    {
        return new self('The goal must lie between the cold water and the hot.');
    }
}
