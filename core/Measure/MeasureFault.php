<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

use Cresco\Core\Fault;

/** A quantity or a reading that cannot be. The message can be shown to a keeper. */
final class MeasureFault extends Fault
{
    public static function negative(string $what, float $value): self
    {
        return new self(sprintf('%s cannot be negative: %s was given.', Sentence::from($what), $value));
    }

    public static function notFinite(string $what): self
    {
        return new self(sprintf('%s must be an ordinary number.', Sentence::from($what)));
    }

    public static function outOfRange(string $what, float $low, float $high, string $unit): self
    {
        return new self(trim(sprintf('%s must lie between %s and %s %s', Sentence::from($what), self::plain($low), self::plain($high), $unit)).'.');
    }

    public static function unordered(): self
    {
        return new self('The lower end of a band must be below the upper end.');
    }

    public static function unreadable(string $text): self
    {
        $shown = mb_strlen($text) > 24 ? mb_substr($text, 0, 24).'…' : $text;

        return new self(sprintf('“%s” is not a reading. Write a number (24), a band (20-40), or “over 80”.', $shown));
    }

    public static function unknownUnit(string $parameter, string $unit): self
    {
        return new self(sprintf('%s is not measured in “%s”.', $parameter, $unit));
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
