<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Fault;

/** A water that cannot be. The message can be shown to a keeper. */
final class WaterFault extends Fault
{
    public static function amount(string $what): self
    {
        return new self(sprintf('%s must be zero or more.', $what));
    }

    public static function share(string $water): self
    {
        return new self(sprintf('The share of %s must be more than nothing.', $water));
    }

    public static function tooStrong(): self
    {
        return new self('So much salt is in no fresh water: check the amounts and their units.');
    }

    public static function temperature(): self
    {
        return new self('Water of a tank is between 0 and 60 °C.');
    }

    public static function reading(): self
    {
        return new self('pH lies between 1 and 13, and alkalinity and conductivity are ordinary numbers, nothing or more.');
    }

    public static function acid(float $most): self
    {
        return new self(sprintf('Such an acid has more than 0 and at most %.0f percent by weight.', $most));
    }

    public static function hardnessBelowCalcium(): self
    {
        return new self('The hardness is less than the calcium alone: one of the two is wrong.');
    }

    public static function buffer(): self
    {
        return new self('Without carbon dioxide or alkalinity there is no pH to reckon.');
    }
}
