<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Ion;

/** A recipe as stock solutions: so many millilitres for each litre of water, kept in as few bottles as go together. */
final readonly class Concentrate
{
    /** Share of its solubility that a stock solution is planned with. House default. */
    private const FILLED = 0.8;

    /**
     * @param list<array{list<int>, float}> $bottles     places of the products and millilitres of the bottle
     * @param array<int, float>             $grams       of each product in its bottle
     * @param list<int>                     $undissolved places of products that do not dissolve in the bottle
     * @param array<int, float>             $least       litres a bottle would need for a product that does not dissolve
     */
    private function __construct(public float $perLitre, public array $bottles, public array $grams, public array $undissolved, public array $least) {}

    /**
     * @param Mixture $recipe   amounts in a litre of water
     * @param float   $perLitre millilitres of each bottle for one litre of water, above 0
     * @param float   $bottle   millilitres that a bottle holds, above 0
     */
    public static function of(Mixture $recipe, float $perLitre, float $bottle): self
    {
        if ($perLitre <= 0.0 || $bottle <= 0.0) {
            throw MixingFault::trial('recipe.stock_solution');
        }
        $treats = $bottle / $perLitre;
        $bottles = $grams = $undissolved = $least = [];
        $used = array_keys(array_filter($recipe->amounts, static fn(float $amount): bool => $amount > 1e-7));
        usort($used, static fn(int $a, int $b): int => $recipe->products[$a]->turn() <=> $recipe->products[$b]->turn());
        foreach ($used as $j) {
            $product = $recipe->products[$j];
            $grams[$j] = $recipe->amounts[$j] * $treats;
            $strength = $grams[$j] / ($bottle / 1000.0);
            if ($strength > self::FILLED * $product->solubility) {
                $undissolved[] = $j;
                $least[$j] = $grams[$j] / (self::FILLED * $product->solubility);
                continue;
            }
            foreach ($bottles as $k => [$inside, $size]) {
                if (array_filter($inside, static fn(int $other): bool => self::clash($product, $recipe->products[$other]) !== null) === []) {
                    $bottles[$k] = [[...$inside, $j], $size];
                    continue 2;
                }
            }
            $bottles[] = [[$j], $bottle];
        }

        return new self($perLitre, array_values($bottles), $grams, $undissolved, $least);
    }

    /** What falls out when two products stand in one strong solution, by key, or null. */
    public static function clash(Ingredient $a, Ingredient $b): ?string
    {
        $brings = static fn(Ion $one, Ion $two): bool => ($a->perUnit->of($one) > 0.0 && $b->perUnit->of($two) > 0.0)
            || ($b->perUnit->of($one) > 0.0 && $a->perUnit->of($two) > 0.0);

        return match (true) {
            $brings(Ion::Calcium, Ion::Sulfate) => 'gypsum',
            $brings(Ion::Calcium, Ion::Phosphate) => 'calcium_phosphate',
            $brings(Ion::Calcium, Ion::Bicarbonate) => 'lime',
            $brings(Ion::Magnesium, Ion::Bicarbonate) => 'magnesium_carbonate',
            $brings(Ion::Magnesium, Ion::Phosphate) => 'magnesium_phosphate',
            default => null,
        };
    }
}
