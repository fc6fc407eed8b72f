<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Fault;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Text;

/** A change that cannot do what is asked. The message can be shown to a keeper. */
final class WaterChangeFault extends Fault
{
    private function __construct(Text $text, public readonly bool $isForWantOfATest = false)
    {
        parent::__construct($text);
    }

    public static function days(): self
    {
        return new self(Text::of('change.days'));
    }

    public static function sourceBetween(string $source, string $tank, string $goal): self
    {
        return new self(Text::of('change.source_between', source: $source, tank: $tank, goal: $goal));
    }

    public static function wrongSide(string $source, string $tank, string $goal): self
    {
        return new self(Text::of('change.wrong_side', source: $source, tank: $tank, goal: $goal));
    }

    public static function nothingToMix(string $both): self
    {
        return new self(Text::of('change.nothing_to_mix', both: $both));
    }

    public static function notRead(Parameter $what, string $of): self
    {
        return new self(Text::of('change.not_read', what: $what, of: $of), isForWantOfATest: true);
    }

    /** A reading may be a slip: no amount is worked out upon it. */
    public static function open(Parameter $what): self
    {
        return new self(Text::of('change.open', what: $what), isForWantOfATest: true);
    }

    public static function fraction(float $fraction): self
    {
        return new self(is_finite($fraction)
            ? Text::of('change.fraction', fraction: round(100.0 * $fraction, 1))
            : Text::of('change.fraction_none'));
    }

    public static function amount(): self
    {
        return new self(Text::of('change.amount'));
    }

    public static function label(): self
    {
        return new self(Text::of('change.label'));
    }

    public static function tooManySteps(): self
    {
        return new self(Text::of('change.too_many_steps'));
    }

    public static function sourceAboveLimit(): self
    {
        return new self(Text::of('change.source_above_limit'));
    }

    public static function flow(): self
    {
        return new self(Text::of('change.flow'));
    }
}
