<?php

declare(strict_types=1);

namespace App\Models;

/** A record whose change makes what is known of a tank's plants old. */
trait ChangesPlants
{
    protected static function bootChangesPlants(): void
    {
        $turn = static fn(self $record) => Tank::turnPlants($record->tanksOfPlants());
        static::saved($turn);
        static::deleted($turn);
    }

    /** @return list<int> tanks that it stands in */
    abstract public function tanksOfPlants(): array;
}
