<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A water that cannot be. The message can be shown to a keeper. */
final class WaterFault extends Fault
{
    public static function amount(Ion|Text $what): self
    {
        return new self(Text::of('water.amount', what: $what));
    }

    public static function share(string $water): self
    {
        return new self(Text::of('water.share', water: $water));
    }

    public static function tooStrong(): self
    {
        return new self(Text::of('water.too_strong'));
    }

    public static function temperature(): self
    {
        return new self(Text::of('water.temperature'));
    }

    public static function reading(): self
    {
        return new self(Text::of('water.reading'));
    }

    public static function acid(float $most): self
    {
        return new self(Text::of('water.acid', most: round($most)));
    }

    public static function hardnessBelowCalcium(): self
    {
        return new self(Text::of('water.hardness_below_calcium'));
    }

    public static function buffer(): self
    {
        return new self(Text::of('water.buffer'));
    }
}
