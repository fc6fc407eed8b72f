<?php

declare(strict_types=1);

namespace Cresco\Core;

use BackedEnum;

/** Words for a keeper, by key; the application has them in the keeper's language. */
final readonly class Text
{
    /** @param array<array-key, string|int|float|BackedEnum|self> $figures by name; an enum and a text are put into words as well */
    private function __construct(public string $key, public array $figures) {}

    public static function of(string $key, string|int|float|BackedEnum|self ...$figures): self
    {
        return new self($key, $figures);
    }
}
