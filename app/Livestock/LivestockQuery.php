<?php

declare(strict_types=1);

namespace App\Livestock;

use App\Models\Animal;
use App\Models\Tank;
use Cresco\Core\Livestock\AnimalKinds;
use Illuminate\Database\Eloquent\Collection;

/** Who lives in a tank, and how many of each. */
final class LivestockQuery
{
    /** @return Collection<int, Animal> */
    public static function tank(Tank $tank): Collection
    {
        return $tank->animalKinds()->with('events')->get();
    }

    /** g of dry food that all of them are given in a day. */
    public static function food(Tank $tank): float
    {
        return self::tank($tank)->sum(static fn(Animal $animal): float => $animal->count() * AnimalKinds::of($animal->kind)->food($animal->length) / 1000.0);
    }
}
