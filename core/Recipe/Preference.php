<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

/** What to be sparing with among recipes that are equally good. */
enum Preference: string
{
    case FewestJars = 'fewest_jars';
    case LeastSodium = 'least_sodium';
    case LeastPure = 'least_ro';

    public function label(): string
    {
        return match ($this) {
            self::FewestJars => 'Fewest products',
            self::LeastSodium => 'Least sodium',
            self::LeastPure => 'Least RO',
        };
    }
}
