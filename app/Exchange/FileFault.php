<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Capacity;
use App\Models\LimitReached;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

/** A file that cannot be taken in, with the line and the reason. The message can be shown to a keeper. */
final class FileFault extends InvalidArgumentException
{
    public static function at(int $line, string $reason): self
    {
        return new self(sprintf('Line %d: %s Nothing was taken in.', $line, rtrim($reason, '.').'.'));
    }

    public static function another(): self
    {
        return new self('Another file of yours is still being taken in. Wait until that is done, then send this one.');
    }

    /** @param class-string<Model> $kind */
    public static function tooMany(string $kind): self
    {
        return new self(LimitReached::of($kind, Capacity::most($kind))->getMessage());
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
