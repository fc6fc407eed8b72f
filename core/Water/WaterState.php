<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;

/** What is known about one water: a distribution for each parameter that was read or can be assumed. */
final readonly class WaterState
{
    /**
     * @param string                      $name    as it stands in a sentence: "the tank", "rain barrel"
     * @param array<string, Distribution> $known   by parameter value, in base units
     * @param list<string>                $assumed parameter values that are assumptions, not readings
     * @param list<string>                $usual   those of them that are what such a water usually holds, since nobody tested it: no record keeps them
     */
    public function __construct(public string $name, private array $known, private array $assumed = [], private array $usual = []) {}

    public function has(Parameter $parameter): bool
    {
        return isset($this->known[$parameter->value]);
    }

    public function get(Parameter $parameter): ?Distribution
    {
        return $this->known[$parameter->value] ?? null;
    }

    public function central(Parameter $parameter, float $otherwise): float
    {
        return $this->get($parameter)?->central() ?? $otherwise;
    }

    public function isAssumed(Parameter $parameter): bool
    {
        return in_array($parameter->value, $this->assumed, true);
    }

    public function isUsual(Parameter $parameter): bool
    {
        return in_array($parameter->value, $this->usual, true);
    }

    /** With what such a water usually holds, where nobody tested it. */
    public function withUsual(Parameter $parameter, Distribution $value): self
    {
        $state = $this->with($parameter, $value, true);

        return new self($state->name, $state->known, $state->assumed, [...$this->usual, $parameter->value]);
    }

    public function with(Parameter $parameter, Distribution $value, bool $assumed = false): self
    {
        return new self(
            $this->name,
            [$parameter->value => $value] + $this->known,
            $assumed ? [...$this->assumed, $parameter->value] : array_values(array_diff($this->assumed, [$parameter->value])),
            array_values(array_diff($this->usual, [$parameter->value])),
        );
    }

    public function named(string $name): self
    {
        return new self($name, $this->known, $this->assumed, $this->usual);
    }
}
