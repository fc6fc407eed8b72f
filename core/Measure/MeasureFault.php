<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

use Cresco\Core\Fault;
use Cresco\Core\Text;

/** A quantity or a reading that cannot be. The message can be shown to a keeper. */
final class MeasureFault extends Fault
{
    public static function negative(string $what, float $value): self
    {
        return new self(Text::of('measure.negative', what: $what, value: $value));
    }

    public static function notFinite(Parameter $what): self
    {
        return new self(Text::of('measure.not_finite', what: $what));
    }

    public static function outOfRange(Parameter|Text $what, float $low, float $high, string $unit): self
    {
        return new self(Text::of('measure.out_of_range', what: $what, low: self::plain($low), high: trim(self::plain($high).' '.$unit)));
    }

    public static function unordered(): self
    {
        return new self(Text::of('measure.unordered'));
    }

    public static function unreadable(string $text): self
    {
        $shown = mb_strlen($text) > 24 ? mb_substr($text, 0, 24).'…' : $text;

        return new self(Text::of('measure.unreadable', shown: $shown));
    }

    public static function unknownUnit(Parameter $parameter, string $unit): self
    {
        return new self(Text::of('measure.unknown_unit', parameter: $parameter, unit: $unit));
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
