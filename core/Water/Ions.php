<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Hardness;

/**
 * What is dissolved in a water, in mmol/L of each ion. Carbonate counts as the bicarbonate it becomes in tank water, two
 * for each carbonate, so that bicarbonate is the alkalinity in meq/L.
 */
final readonly class Ions
{
    /** @param array<string, float> $amounts mmol/L by ion */
    private function __construct(private array $amounts) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param array<string, float> $amounts mmol/L by the value of the ion, zero or more */
    public static function millimoles(array $amounts): self
    {
        foreach ($amounts as $name => $amount) {
            if (!is_finite($amount) || $amount < 0.0) {
                throw WaterFault::amount(Ion::from($name));
            }
        }

        return new self($amounts);
    }

    /** @param array<string, float> $milligrams mg/L by the value of the ion, zero or more */
    public static function milligrams(array $milligrams): self
    {
        $amounts = [];
        foreach ($milligrams as $name => $milligram) {
            $amounts[$name] = $milligram / Ion::from($name)->molarMass();
        }

        return self::millimoles($amounts);
    }

    /** mmol/L */
    public function of(Ion $ion): float
    {
        return $this->amounts[$ion->value] ?? 0.0;
    }

    /** mg/L */
    public function milligramsOf(Ion $ion): float
    {
        return $this->of($ion) * $ion->molarMass();
    }

    public function plus(self $other, float $times = 1.0): self
    {
        $sum = $this->amounts;
        foreach ($other->amounts as $name => $amount) {
            $sum[$name] = max(0.0, ($sum[$name] ?? 0.0) + $times * $amount);
        }

        return new self($sum);
    }

    public function times(float $factor): self
    {
        return new self(array_map(static fn(float $amount): float => $amount * $factor, $this->amounts));
    }

    public function with(Ion $ion, float $millimole): self
    {
        return new self([$ion->value => max(0.0, $millimole)] + $this->amounts);
    }

    /** Calcium and magnesium together, mmol/L. */
    public function hardness(): float
    {
        return $this->of(Ion::Calcium) + $this->of(Ion::Magnesium);
    }

    public function degreesOfHardness(): float
    {
        return Hardness::fromMillimolePerLitre($this->hardness())->degrees();
    }

    /** meq/L */
    public function alkalinity(): float
    {
        return $this->of(Ion::Bicarbonate);
    }

    /** Calcium to magnesium by mass; null without magnesium. */
    public function calciumToMagnesium(): ?float
    {
        return $this->of(Ion::Magnesium) <= 1e-9 ? null : $this->milligramsOf(Ion::Calcium) / $this->milligramsOf(Ion::Magnesium);
    }

    /** Charges of all cations, meq/L. */
    public function cations(): float
    {
        return $this->charges(true);
    }

    /** Charges of all anions, meq/L. */
    public function anions(): float
    {
        return $this->charges(false);
    }

    /** How far the charges miss each other, as a share of their mean: 0 for a true water. */
    public function imbalance(): float
    {
        $sum = $this->cations() + $this->anions();

        return $sum <= 0.0 ? 0.0 : 2.0 * ($this->cations() - $this->anions()) / $sum;
    }

    private function charges(bool $positive): float
    {
        $sum = 0.0;
        foreach (Ion::cases() as $ion) {
            if ($ion->isCation() === $positive) {
                $sum += abs($ion->charge()) * $this->of($ion);
            }
        }

        return $sum;
    }
}
