<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A record of Cresco. */
abstract class Record extends Model
{
    use BootsByName;
    use RemembersCasts;

    protected static function booted(): void
    {
        static::creating(Capacity::check(...));
    }
}
