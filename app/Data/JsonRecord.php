<?php

declare(strict_types=1);

namespace App\Data;

use Illuminate\Contracts\Database\Eloquent\Castable;

/**
 * What a row keeps as JSON. It is a record with a version: it is read from whatever was once written, with what can be read of it, and written
 * in its newest form. Rooms pass the record on, never its keys.
 */
interface JsonRecord extends Castable
{
    /** Never fails: what is missing, or is not what it should be, is left out. */
    public static function read(mixed $kept): static;

    /** @return array<string, mixed>|null null where nothing need be kept */
    public function toKeep(): ?array;
}
