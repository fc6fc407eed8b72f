<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Fault;

/** A change that cannot do what is asked. The message can be shown to a keeper. */
final class ChangeFault extends Fault
{
    private function __construct(string $message, public readonly bool $isForWantOfATest = false)
    {
        parent::__construct($message);
    }

    public static function days(): self
    {
        return new self('a figure is carried on over 0 to 10,000 days, by an ordinary amount a day');
    }

    public static function sourceBetween(string $source, string $tank, string $goal): self
    {
        return new self(sprintf('the source (%s) lies between the tank (%s) and the goal (%s)', $source, $tank, $goal));
    }

    public static function wrongSide(string $source, string $tank, string $goal): self
    {
        return new self(sprintf('the source (%s) lies on the other side of the tank (%s) from the goal (%s)', $source, $tank, $goal));
    }

    public static function nothingToMix(string $both): self
    {
        return new self(sprintf('tank and source are alike (%s): a change moves nothing', $both));
    }

    public static function notRead(string $what, string $of): self
    {
        return new self(sprintf('%s of %s has not been read yet', $what, $of), isForWantOfATest: true);
    }

    /** A reading may be a slip: no amount is worked out upon it. */
    public static function open(string $what): self
    {
        return new self(sprintf('%s was read twice so far apart that it is not known where it stands: test it again', $what), isForWantOfATest: true);
    }

    public static function fraction(float $fraction): self
    {
        return new self(is_finite($fraction)
            ? sprintf('a change takes between nothing and all of the water, not %s %% of it', round(100.0 * $fraction, 1))
            : 'a change takes between nothing and all of the water');
    }

    public static function amount(): self
    {
        return new self('an amount is an ordinary number, nothing or more');
    }

    public static function label(): self
    {
        return new self('a label names a dose, the litres it is for and the chlorine it takes: all above nothing');
    }

    public static function tooManySteps(): self
    {
        return new self('with so small a step at a time that is no way to get there');
    }

    public static function sourceAboveLimit(): self
    {
        return new self('the source alone is above the limit');
    }

    public static function flow(): self
    {
        return new self('both flows must be above nothing, and the tank must not run empty');
    }
}
