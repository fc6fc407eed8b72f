<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;

/**
 * The linear view of a bench: one unknown for the share of each source and one for the amount of each product in a litre, and
 * one row for every figure of the water they make, in mmol/L, meq/L and uS/cm.
 */
final class MixingSystem
{
    /** Share of its solubility that a hardly soluble salt is planned with. */
    private const DISSOLVES = 0.9;

    public readonly int $unknowns;

    /** @var array<string, list<float>> */
    private array $rows = [];

    /**
     * @param list<BatchSource> $sources
     * @param list<Ingredient>  $products
     * @param float             $litres   of the batch, above 0
     */
    public function __construct(public readonly array $sources, public readonly array $products, public readonly float $litres)
    {
        $this->unknowns = count($sources) + count($products);
    }

    /** @return list<float> mmol/L of an ion for one of each unknown */
    public function ion(Ion $ion): array
    {
        return $this->rows[$ion->value] ??= [
            ...array_map(static fn(BatchSource $source): float => $source->ions->of($ion), $this->sources),
            ...array_map(static fn(Ingredient $product): float => $product->perUnit->of($ion), $this->products),
        ];
    }

    /** @return list<float> */
    public function hardness(): array
    {
        return $this->rows['hardness'] ??= self::add($this->ion(Ion::Calcium), $this->ion(Ion::Magnesium), 1.0);
    }

    /** @return list<float> mg/L of calcium beyond $ratio times the magnesium */
    public function excessCalcium(float $ratio): array
    {
        if (!is_finite($ratio)) {
            throw MixingFault::ratio();
        }

        return self::add(
            array_map(static fn(float $v): float => $v * Ion::Calcium->molarMass(), $this->ion(Ion::Calcium)),
            $this->ion(Ion::Magnesium),
            -$ratio * Ion::Magnesium->molarMass(),
        );
    }

    /** @return list<float> uS/cm, linear about the water that $conductance belongs to */
    public function conductivity(Conductance $conductance): array
    {
        return [
            ...array_map(static fn(BatchSource $source): float => $conductance->partOf($source->ions) + $source->surplus, $this->sources),
            ...array_map(static fn(Ingredient $product): float => $product->labelled ?? $conductance->partOf($product->conducting()), $this->products),
        ];
    }

    /** @return list<float> */
    public function row(RecipeAim $aim, Target $target, Conductance $conductance): array
    {
        return match ($aim) {
            RecipeAim::Hardness => $this->hardness(),
            RecipeAim::Alkalinity => $this->ion(Ion::Bicarbonate),
            RecipeAim::Ratio => $this->excessCalcium((float) $target->ratio),
            RecipeAim::Conductivity => $this->conductivity($conductance),
        };
    }

    /** @return list<float> 1 for each source */
    public function shares(): array
    {
        return [...array_fill(0, count($this->sources), 1.0), ...array_fill(0, count($this->products), 0.0)];
    }

    /** @return list<float> 1 for each source of pure water */
    public function pure(): array
    {
        return [
            ...array_map(static fn(BatchSource $source): float => $source->isPure ? 1.0 : 0.0, $this->sources),
            ...array_fill(0, count($this->products), 0.0),
        ];
    }

    /**
     * Upper ends that hold whatever is aimed at: water at hand, what dissolves.
     *
     * @return list<array{list<float>, float}>
     */
    public function ends(): array
    {
        $ends = [];
        foreach ($this->sources as $i => $source) {
            if ($source->litres !== null && $source->litres < $this->litres) {
                $ends[] = [$this->unit($i), $source->litres / $this->litres];
            }
        }
        foreach ($this->products as $j => $product) {
            if ($product->solubility < 20.0) {
                $ends[] = [$this->unit(count($this->sources) + $j), self::DISSOLVES * $product->solubility];
            }
        }

        return $ends;
    }

    /** @param list<float> $x */
    public function mixture(array $x): Mixture
    {
        return Mixture::of($this->sources, array_slice($x, 0, count($this->sources)), $this->products, array_slice($x, count($this->sources)));
    }

    /**
     * @param list<float> $row
     * @param list<float> $x
     */
    public static function dot(array $row, array $x): float
    {
        $sum = 0.0;
        foreach ($row as $j => $v) {
            $sum += $v * $x[$j];
        }

        return $sum;
    }

    /** @return list<float> */
    private function unit(int $index): array
    {
        $row = array_fill(0, $this->unknowns, 0.0);
        $row[$index] = 1.0;

        return array_values($row);
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     *
     * @return list<float>
     */
    private static function add(array $a, array $b, float $times): array
    {
        foreach ($b as $i => $v) {
            $a[$i] += $times * $v;
        }

        return array_values($a);
    }
}
