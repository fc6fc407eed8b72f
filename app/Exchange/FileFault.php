<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\LimitReached;
use App\Models\RecordQuota;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

/** A file that cannot be taken in, with the line and the reason. The message can be shown to a keeper. */
final class FileFault extends InvalidArgumentException
{
    public static function at(int $line, string $reason): self
    {
        return new self((string) __('file.line', ['line' => $line, 'reason' => rtrim($reason, '.')]));
    }

    public static function another(): self
    {
        return new self((string) __('file.another'));
    }

    /** @param class-string<Model> $kind */
    public static function tooMany(string $kind): self
    {
        return new self(LimitReached::of($kind, RecordQuota::most($kind))->getMessage());
    }

    public static function noCalendar(): self
    {
        return new self((string) __('file.no_calendar'));
    }

    public static function tooManyEvents(): self
    {
        return new self((string) __('file.too_many_events'));
    }
}
