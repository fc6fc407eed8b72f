<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Salt;
use Cresco\Core\Water\Ion;

/** What plants are fed with, from a product or a bottle: what a gram or a millilitre of it brings. */
final readonly class Fertiliser
{
    /** Times the dose of its label that is proposed at most: of what may hold copper where shrimp live, and of all else. House defaults. */
    private const TIMES = [1.0, 2.0];

    /** Days that a label's dose is for where the label is not known to say. House default. */
    private const WEEK = 7.0;

    /**
     * @param string               $unit       "g" or "mL"
     * @param array<string, float> $milligrams by parameter value, as each is counted, in one unit
     * @param float                $step       smallest amount that can be measured, in the unit
     * @param float|null           $label      amount that its label names for a litre in a week, in the unit; null where no label names one
     *
     * @throws FertilisingFault
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public array $milligrams,
        public float $step,
        public ?float $label = null,
    ) {
        if (!($step > 0.0 && $step < INF) || ($milligrams !== [] && !(min($milligrams) >= 0.0 && max($milligrams) < INF))) {
            throw FertilisingFault::feed();
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
     * @param float $purity share of the salt in the product, above 0 to 1
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
     * @param float|null           $days   from one such dose to the next; null where the label is not known to say, and a week is taken
     */
    public static function ofLabel(string $key, string $name, float $dose, float $litres, array $raises, float $step, ?float $days = null): self
    {
        if (!($dose > 0.0 && $litres > 0.0)) {
            throw FertilisingFault::feed();
        }

        // A millilitre to a litre is what a bottle declared by weight is worked out over to, and no dose.
        return new self(
            $key,
            $name,
            'mL',
            array_map(static fn(float $raise): float => $raise * $litres / $dose, $raises),
            $step,
            $dose < $litres ? $dose / $litres * self::WEEK / max(1.0, $days ?? self::WEEK) : null,
        );
    }

    /** The same with no label to hold it to: it was made up at home. */
    public function withoutLabel(): self
    {
        return new self($this->key, $this->name, $this->unit, $this->milligrams, $this->step);
    }

    /** Whether it may hold copper: a bottle with iron in it has traces as a rule, and its label need not say which. */
    public function mayHoldCopper(): bool
    {
        return $this->unit === 'mL' && ($this->milligrams[Parameter::Iron->value] ?? 0.0) > 0.0;
    }

    /**
     * Times the dose of its label, by the week, that so much of it comes to; null where no label names one.
     *
     * @param float $amount in the unit
     * @param int   $every  days from one to the next, 1 or more
     * @param float $litres of the water, above 0
     */
    public function timesLabel(float $amount, int $every, float $litres): ?float
    {
        if (!(abs($amount) < 1e9 && $every >= 1 && $litres > 0.01 && $litres < 1e9)) {
            throw FertilisingFault::feed();
        }

        return $this->label === null ? null : $amount * max(1.0, self::WEEK / $every) / ($this->label * $litres);
    }

    /**
     * The most of it in each dose that its label backs; null where no label names a dose.
     *
     * @param bool $hasShrimp whether the water holds shrimp, which copper kills
     */
    public function most(int $every, float $litres, bool $hasShrimp): ?float
    {
        $one = $this->timesLabel(1.0, $every, $litres);

        return $one === null ? null : $this->timesAtMost($hasShrimp) / $one;
    }

    /** Times the dose of its label that is proposed at most. */
    public function timesAtMost(bool $hasShrimp): float
    {
        return self::TIMES[$hasShrimp && $this->mayHoldCopper() ? 0 : 1];
    }

    /**
     * What a millilitre of a bottle brings whose label says percent by weight, mg.
     *
     * @param float $density    g/mL, above 0 and below 5
     * @param float $percent    0 to 100
     * @param bool  $isDeclared whether it is declared as labels of fertilisers do: N, P2O5, K2O, MgO, CaO
     *
     * @throws FertilisingFault when one of them is none, or it feeds no plant
     */
    public static function ofPercent(Parameter $nutrient, float $density, float $percent, bool $isDeclared): float
    {
        $food = $nutrient->entry()->food;
        if (!($density > 0.0 && $density < 5.0 && $percent >= 0.0 && $percent <= 100.0) || $food === null) {
            throw FertilisingFault::feed();
        }

        return 10.0 * $percent * $density * ($isDeclared ? $food->ofDeclared : 1.0);
    }

    /** mg/L that so much of it brings to so many litres. */
    public function raises(Parameter $nutrient, float $amount, float $litres): float
    {
        if (!(abs($amount) < 1e9 && $litres > 0.01 && $litres < 1e9)) {
            throw FertilisingFault::feed();
        }

        return ($this->milligrams[$nutrient->value] ?? 0.0) * $amount / $litres;
    }
}
