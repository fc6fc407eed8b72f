<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\Product;
use Cresco\Core\Fertilising\Fertiliser;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\Concentrate;
use Cresco\Core\Mixing\Ingredient;
use Cresco\Core\Mixing\Mixture;

/** A stock bottle, or two where salts must stand apart, that feeds one tank for some weeks from the salts in stock. */
final readonly class StockSolution
{
    /** Weeks that a stock solution keeps, cool and dark. House default. */
    public const KEEPS = 12;

    /** g to which salts of a bottle are worked out: it is weighed once for many doses. House default. */
    private const STEP = 0.0001;

    /**
     * @param list<Product>                 $products salts that go in
     * @param list<array{list<int>, float}> $bottles  places of the products and mL, in the order of dissolving
     * @param array<int, float>             $grams    of each product
     * @param array<int, float>             $apart    litres that a product would need which does not dissolve
     */
    private function __construct(
        public array $products,
        public array $bottles,
        public array $grams,
        public array $apart,
        public int $doses,
        public float $each,
        public int $every,
    ) {}

    /**
     * @param list<Product> $shelf
     * @param float         $each  mL of each bottle in a dose
     */
    public static function of(FertilisingQuery $food, array $shelf, int $weeks, float $each): self
    {
        $products = array_values(array_filter($shelf, static fn(Product $product): bool => $product->unit === 'g' && $product->toFeed(self::STEP) !== null));
        $feeds = array_values(array_filter(array_map(static fn(Product $product): ?Fertiliser => $product->toFeed(self::STEP), $products)));
        $amounts = array_fill(0, count($products), 0.0);
        $every = 1;
        foreach ((new DoseTrial())->advised($food, $feeds)->doses as $one) {
            foreach ($products as $i => $product) {
                $amounts[$i] = (string) $product->id === $one['feed']->key ? $one['each'] : $amounts[$i];
            }
            $every = $one['every'];
        }
        $doses = max(1, intdiv(7 * $weeks, $every));
        $ingredients = array_map(static fn(Product $product): Ingredient => $product->toCore(), $products);
        $concentrate = Concentrate::of(Mixture::of([], [], $ingredients, array_values($amounts)), $each, $each * $doses);
        return new self($products, $concentrate->bottles, $concentrate->grams, $concentrate->least, $doses, $each, $every);
    }

    public function isEmpty(): bool
    {
        return $this->bottles === [];
    }

    /**
     * mg/L that a dose of one bottle brings to so many litres, by parameter value.
     *
     * @return array<string, float>
     */
    public function raisesOf(int $bottle, float $litres): array
    {
        $raises = [];
        foreach ($this->bottles[$bottle][0] ?? [] as $i) {
            $feed = $this->products[$i]->toFeed(self::STEP);
            foreach (array_keys($feed->milligrams ?? []) as $name) {
                $raises[$name] = ($raises[$name] ?? 0.0) + ($feed?->raises(Parameter::from($name), $this->grams[$i] / $this->doses, $litres) ?? 0.0);
            }
        }

        return array_filter($raises);
    }
}
