<?php

declare(strict_types=1);

namespace App\Kept;

/** Makes a record the cast of its column. */
trait KeptInRow
{
    /** @param array<mixed> $arguments */
    public static function castUsing(array $arguments): AsKept
    {
        return new AsKept(self::class);
    }
}
