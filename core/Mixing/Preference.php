<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

/** What to be sparing with among recipes that are equally good. */
enum Preference: string
{
    case FewestJars = 'fewest_jars';
    case LeastSodium = 'least_sodium';
    case LeastPure = 'least_ro';
}
