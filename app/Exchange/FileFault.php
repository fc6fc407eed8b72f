<?php

declare(strict_types=1);

namespace App\Exchange;

use InvalidArgumentException;

/** A file that cannot be taken in, with the line and the reason. The message can be shown to a keeper. */
final class FileFault extends InvalidArgumentException
{
    public static function at(int $line, string $reason): self
    {
        return new self(sprintf('Line %d: %s Nothing was taken in.', $line, rtrim($reason, '.').'.'));
    }

    public static function noCalendar(): self
    {
        return new self('This is no calendar file (iCalendar, .ics).');
    }

    public static function tooManyEvents(): self
    {
        return new self('It holds too many events: export a shorter time.');
    }
}
