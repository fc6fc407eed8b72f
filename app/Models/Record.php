<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;

/** A record of Cresco. */
abstract class Record extends Model
{
    use BootsByName;
    use RemembersCasts;

    protected static function booted(): void
    {
        static::creating(RecordQuota::check(...));
        static::created(static fn(self $record) => DataVersion::written($record->getTable(), [$record->getAttributes()]));
    }

    /**
     * @param QueryBuilder $query
     *
     * @return RecordBuilder<static>
     */
    public function newEloquentBuilder($query): RecordBuilder
    {
        /** @var RecordBuilder<static> $builder */
        $builder = new RecordBuilder($query);

        return $builder;
    }
}
