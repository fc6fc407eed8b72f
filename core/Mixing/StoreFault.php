<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A store or a unit that cannot be. The message can be shown to a keeper. */
final class StoreFault extends Fault
{
    public static function production(): self
    {
        return new self(Text::of('store.production'));
    }

    public static function tooLarge(float $litres, float $capacity): self
    {
        return new self(Text::of('store.too_large', litres: round($litres), capacity: round($capacity)));
    }

    public static function turnedRound(float $in, float $out): self
    {
        return new self(Text::of('store.turned_round', out: round($out), in: round($in)));
    }

    public static function reading(): self
    {
        return new self(Text::of('store.reading'));
    }
}
