<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A hose, a pump or a heater that cannot be. The message can be shown to a keeper. */
final class HydraulicsFault extends Fault
{
    public static function hose(): self
    {
        return new self(Text::of('flow.hose'));
    }

    public static function tube(): self
    {
        return new self(Text::of('flow.tube'));
    }

    public static function grain(): self
    {
        return new self(Text::of('flow.grain'));
    }

    public static function pump(): self
    {
        return new self(Text::of('flow.pump'));
    }

    public static function heater(): self
    {
        return new self(Text::of('flow.heater'));
    }

    public static function water(): self
    {
        return new self(Text::of('flow.water'));
    }

    public static function warmth(): self
    {
        return new self(Text::of('flow.warmth'));
    }
}
