<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

use Cresco\Core\Fault;

/** A recipe, a jar or a calibration that cannot be. The message can be shown to a keeper. */
final class RecipeFault extends Fault
{
    public static function unknownSalt(string $key): self
    {
        return new self(sprintf('There is no salt “%s” in the catalogue.', $key));
    }

    /** @param string $names of waters */
    public static function unread(string $names): self
    {
        return new self(sprintf('GH and KH of %s were not tested: no recipe can be made of it. Test both, or leave it out.', $names));
    }

    public static function noSource(): self
    {
        return new self('Choose at least one water to begin with.');
    }

    public static function notEnoughWater(float $have, float $need): self
    {
        return new self(sprintf('The sources hold %.1f L together; the batch needs %.1f L.', $have, $need));
    }

    public static function nothingToDo(): self
    {
        return new self('A batch needs some litres.');
    }

    public static function notSolvable(): self
    {
        return new self('These targets and limits leave no way at all.');
    }

    public static function ratio(): self
    {
        return new self('Calcium to magnesium is a ratio above nothing.');
    }

    public static function trial(string $why): self
    {
        return new self($why);
    }
}
