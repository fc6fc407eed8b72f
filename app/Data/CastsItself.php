<?php

declare(strict_types=1);

namespace App\Data;

/** Makes a record the cast of its column. */
trait CastsItself
{
    /** @param array<mixed> $arguments */
    public static function castUsing(array $arguments): JsonRecordCast
    {
        return new JsonRecordCast(self::class);
    }
}
