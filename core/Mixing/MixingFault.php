<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A recipe, a product or a calibration that cannot be. The message can be shown to a keeper. */
final class MixingFault extends Fault
{
    public static function unknownSalt(string $key): self
    {
        return new self(Text::of('recipe.unknown_salt', salt: $key));
    }

    /** @param string $names of waters */
    public static function unread(string $names): self
    {
        return new self(Text::of('recipe.unread', names: $names));
    }

    public static function noSource(): self
    {
        return new self(Text::of('recipe.no_source'));
    }

    public static function notEnoughWater(float $have, float $need): self
    {
        return new self(Text::of('recipe.not_enough_water', have: round($have, 1), need: round($need, 1)));
    }

    public static function nothingToDo(): self
    {
        return new self(Text::of('recipe.nothing_to_do'));
    }

    public static function notSolvable(): self
    {
        return new self(Text::of('recipe.not_solvable'));
    }

    public static function ratio(): self
    {
        return new self(Text::of('recipe.ratio'));
    }

    public static function trial(string|Text $why): self
    {
        return new self(is_string($why) ? Text::of($why) : $why);
    }
}
