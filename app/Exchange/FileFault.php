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
}
