<?php

declare(strict_types=1);

namespace App\Models;

/** A record whose change makes what is known of a tank's plants old. */
trait ChangesPlants
{
    protected static function bootChangesPlants(): void
    {
        $count = static fn(self $record) => Tank::query()->whereIn('id', $record->tanksOfPlants())->increment('plants_version');
        static::saved($count);
        static::deleted($count);
    }

    /** @return list<int> tanks that it stands in */
    abstract public function tanksOfPlants(): array;
}
