<?php

declare(strict_types=1);

namespace App\Words;

use App\Units\Show;
use BackedEnum;
use Cresco\Core\Text;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;

/** Puts keys and figures of the core into words. A choice of NAME is put in as :NAME within a sentence, as :NAME_label at its head. */
final class Texts
{
    /** Digits after the point that a figure of a text is shown with at most. */
    private const DIGITS = 4;

    public static function label(BackedEnum $one): string
    {
        return (string) __('names.label.'.self::key($one));
    }

    /** Whether it is called by more than its value. */
    public static function has(BackedEnum $one): bool
    {
        return Lang::has('names.label.'.self::key($one));
    }

    public static function word(BackedEnum $one): string
    {
        $key = 'names.word.'.self::key($one);

        return Lang::has($key) ? (string) __($key) : self::label($one);
    }

    public static function of(Text|string $text, string $group): string
    {
        if (is_string($text)) {
            return (string) __($group.'.'.$text);
        }

        /** @var array<string, string> $figures by name */
        $figures = [];
        foreach ($text->figures as $name => $figure) {
            $figures[(string) $name] = match (true) {
                $figure instanceof Text => self::of($figure, $group),
                $figure instanceof BackedEnum => self::word($figure),
                is_float($figure) => Show::plain($figure, self::DIGITS),
                default => (string) $figure,
            };
            if ($figure instanceof BackedEnum) {
                $figures[$name.'_label'] = self::label($figure);
            }
        }

        return (string) __($group.'.'.$text->key, $figures);
    }

    private static function key(BackedEnum $one): string
    {
        return Str::snake(class_basename($one)).'.'.$one->value;
    }
}
