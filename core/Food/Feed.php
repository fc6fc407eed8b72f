<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Recipe\Salt;
use Cresco\Core\Water\Ion;

/** What plants are fed with, from a jar or a bottle: what a gram or a millilitre of it brings. */
final readonly class Feed
{
    /**
     * @param string               $unit  "g" or "mL"
     * @param array<string, float> $milligrams by parameter value, as each is counted, in one unit
     * @param float                $step  smallest amount that can be measured, in the unit
     *
     * @throws FoodFault
     */
    public function __construct(public string $key, public string $name, public string $unit, public array $milligrams, public float $step)
    {
        if (!($step > 0.0 && $step < INF) || ($milligrams !== [] && !(min($milligrams) >= 0.0 && max($milligrams) < INF))) {
            throw FoodFault::feed();
        }
    }

    /** Whether plants are fed with a salt: it brings nutrients, and nothing that hardens or salts the water beside them. */
    public static function feedsPlants(Salt $salt): bool
    {
        return $salt->weighed && array_filter([Ion::Bicarbonate, Ion::Chloride, Ion::Sodium], $salt->bringsIon(...)) === [];
    }

    /**
     * A salt by the gram.
     *
     * @param float $purity share of the salt in the jar, above 0 to 1
     * @param float $step   g that the scale shows
     */
    public static function ofSalt(string $key, string $name, Salt $salt, float $purity, float $step): self
    {
        $ions = $salt->perGram($purity);
        $milligrams = [];
        foreach (Parameter::nutrients() as $parameter) {
            $food = $parameter->entry()->food;
            $ion = Ion::tryFrom((string) $food?->ion);
            if ($food !== null && $ion !== null && $ions->of($ion) > 0.0) {
                $milligrams[$parameter->value] = $ions->of($ion) * $food->molarMass;
            }
        }

        return new self($key, $name, 'g', $milligrams, $step);
    }

    /**
     * A bottle whose label says by how much so many millilitres raise so much water.
     *
     * @param float                $dose   mL, above 0
     * @param float                $litres that they are for, above 0
     * @param array<string, float> $raises mg/L by parameter value
     */
    public static function ofLabel(string $key, string $name, float $dose, float $litres, array $raises, float $step): self
    {
        if (!($dose > 0.0 && $litres > 0.0)) {
            throw FoodFault::feed();
        }

        return new self($key, $name, 'mL', array_map(static fn(float $raise): float => $raise * $litres / $dose, $raises), $step);
    }

    /**
     * What a millilitre of a bottle brings whose label says percent by weight, mg.
     *
     * @param float $density    g/mL, above 0 and below 5
     * @param float $percent    0 to 100
     * @param bool  $isDeclared whether it is declared as labels of fertilisers do: N, P2O5, K2O, MgO, CaO
     *
     * @throws FoodFault when one of them is none, or it feeds no plant
     */
    public static function ofPercent(Parameter $nutrient, float $density, float $percent, bool $isDeclared): float
    {
        $food = $nutrient->entry()->food;
        if (!($density > 0.0 && $density < 5.0 && $percent >= 0.0 && $percent <= 100.0) || $food === null) {
            throw FoodFault::feed();
        }

        return 10.0 * $percent * $density * ($isDeclared ? $food->ofDeclared : 1.0);
    }

    /** mg/L that so much of it brings to so many litres. */
    public function raises(Parameter $nutrient, float $amount, float $litres): float
    {
        if (!(abs($amount) < 1e9 && $litres > 0.01 && $litres < 1e9)) {
            throw FoodFault::feed();
        }

        return ($this->milligrams[$nutrient->value] ?? 0.0) * $amount / $litres;
    }
}
