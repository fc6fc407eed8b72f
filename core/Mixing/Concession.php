<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Ion;

/** One thing to give up so that all the rest of a target can be had. */
final readonly class Concession
{
    /**
     * @param RecipeAim|Ion $what    the aim that gives way, or the ion whose cap does
     * @param float         $wanted  what was asked: in the unit of the target, or mg/L for a cap
     * @param float         $instead what it would be
     * @param float         $price   how much it gives: 1 is a degree, a tenth of the conductivity, one of Ca:Mg, a quarter of a cap
     */
    public function __construct(public RecipeAim|Ion $what, public float $wanted, public float $instead, public float $price) {}
}
