<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Ion;

/** A recipe as it is made by the sink: amounts as the scale or the spoon can give them, and what that does to the water. */
final readonly class WeighedBatch
{
    /** Products that are tried together; beyond them the nearest step is taken first. */
    private const TRIED = 6;

    /** Steps below and above the floor that are gone through, by the number of products. */
    private const REACH = [[0, 1], [-2, 3], [-2, 3], [-2, 3], [-2, 3], [-1, 1], [0, 1]];

    /** Products from which on that is not all there is: ones and twos are moved from the best of it. */
    private const MANY = 5;

    /** Of what was gone through, so many are worked out in full. */
    private const WEIGHED = 6;

    /** Tolerances within which a recipe counts as on its target. */
    private const NEAR = 2.0;

    /** What a whole step away from the recipe counts where nothing that is aimed at tells the difference. */
    private const TIE = 1e-4;

    /**
     * @param list<float> $amounts as weighed, g or mL for the whole batch
     * @param Mixture     $water   that these amounts make
     */
    private function __construct(public Mixture $recipe, public float $litres, public array $amounts, public Mixture $water) {}

    /**
     * All products rounded together to what scale or spoons can give, so that what one is short another makes up: every product up or down,
     * then by ones and twos for as long as that is better.
     *
     * @param float             $step   smallest step of the scale, g; 0 leaves amounts as they are
     * @param array<int, float> $spoons grams of one level spoon, by place of the product; measured in halves of it
     * @param Target|null       $target what the batch is held to; where the recipe itself misses it, the recipe
     *
     * @throws MixingFault when there are no litres, or a step is none
     */
    public static function rounded(Mixture $recipe, float $litres, float $step, array $spoons = [], ?Target $target = null): self
    {
        if (!($litres > 0.0 && $litres < INF) || !is_finite($step) || min([$step, ...$spoons]) < 0.0) {
            throw MixingFault::nothingToDo();
        }
        $amounts = array_map(static fn(float $amount): float => $amount * $litres, $recipe->amounts);
        $each = [];
        foreach ($amounts as $j => $amount) {
            $size = isset($spoons[$j]) ? $spoons[$j] / 2.0 : $step;
            if ($amount > 0.0 && $size > 0.0) {
                $each[$j] = $size;
            }
        }
        $counts = self::together($recipe, $litres, $amounts, $each, $target ?? new Target(null, null));
        foreach ($counts as $j => $count) {
            $amounts[$j] = $count * $each[$j];
        }
        $amounts = array_values($amounts);

        return new self(
            $recipe,
            $litres,
            $amounts,
            Mixture::of($recipe->sources, $recipe->shares, $recipe->products, array_map(static fn(float $amount): float => $amount / $litres, $amounts)),
        );
    }

    /**
     * @param list<float>       $amounts of the recipe for the whole batch
     * @param array<int, float> $each    steps of those that are rounded, by place
     *
     * @return array<int, float> whole steps, by place
     */
    private static function together(Mixture $recipe, float $litres, array $amounts, array $each, Target $target): array
    {
        // In order of what a step of each moves, so that those that are tried last matter least.
        $effects = [];
        foreach ($each as $j => $size) {
            $effects[$j] = self::effects($recipe, $j, $size / $litres, $target);
        }
        $weight = array_map(self::squares(...), $effects);
        uksort($effects, static fn(int $a, int $b): int => $weight[$b] <=> $weight[$a]);
        $places = array_keys($effects);
        $counts = [];
        foreach ($places as $j) {
            $counts[$j] = round($amounts[$j] / $each[$j]);
        }
        // How far off the aims are with some products at so many steps and the others as in the recipe; one product after the other.
        $reach = self::REACH[min(count($places), count(self::REACH) - 1)];
        $trials = [[[], self::offsets($recipe, $target), 0.0]];
        foreach (array_slice($places, 0, self::TRIED) as $j) {
            $exact = $amounts[$j] / $each[$j];
            $steps = [];
            for ($by = $reach[0]; $by <= $reach[1]; ++$by) {
                $count = floor($exact) + $by;
                if ($count >= 0.0) {
                    $off = $count - $exact;
                    $steps[] = [$count, array_map(static fn(float $v): float => $v * $off, $effects[$j]), self::TIE * $off * $off];
                }
            }
            $longer = [];
            foreach ($trials as [$taken, $misses, $tie]) {
                foreach ($steps as [$count, $moves, $more]) {
                    $now = $misses;
                    foreach ($moves as $k => $v) {
                        $now[$k] += $v;
                    }
                    $longer[] = [[...$taken, $count], $now, $tie + $more];
                }
            }
            $trials = $longer;
        }
        $order = [];
        foreach ($trials as $which => [, $misses, $tie]) {
            $order[$which] = $tie + self::squares($misses);
        }
        asort($order);
        $found = [[$counts, 0.0]];
        foreach (array_slice(array_keys($order), 0, self::WEIGHED) as $which) {
            $found[] = [array_combine(array_slice($places, 0, count($trials[$which][0])), $trials[$which][0]) + $counts, $order[$which]];
        }
        if (count($places) >= self::MANY) {
            $offset = self::offsets($recipe, $target);
            $found[] = self::improved($found[1], $places, static function (array $counts) use ($offset, $effects, $amounts, $each): float {
                $tie = 0.0;
                foreach ($effects as $j => $effect) {
                    $off = $counts[$j] - $amounts[$j] / $each[$j];
                    foreach ($effect as $k => $v) {
                        $offset[$k] += $v * $off;
                    }
                    $tie += $off * $off;
                }

                return self::squares($offset) + self::TIE * $tie;
            });
        }

        // Conductivity is not quite linear: the few that come closest are worked out in full.
        $best = $counts;
        $least = INF;
        foreach ($found as [$trial]) {
            $amountsNow = $amounts;
            foreach ($trial as $j => $count) {
                $amountsNow[$j] = $count * $each[$j];
            }
            $now = self::missed(
                Mixture::of(
                    $recipe->sources,
                    $recipe->shares,
                    $recipe->products,
                    array_map(static fn(float $amount): float => $amount / $litres, array_values($amountsNow)),
                ),
                $recipe,
                $target,
            );
            if ($now < $least - 1e-9) {
                [$best, $least] = [$trial, $now];
            }
        }

        return $best;
    }

    /** @param array<int, float> $figures */
    private static function squares(array $figures): float
    {
        $sum = 0.0;
        foreach ($figures as $figure) {
            $sum += $figure * $figure;
        }

        return $sum;
    }

    /** How far a water is off its target, in tolerances, squared and summed; held to the recipe where that misses the target. */
    private static function missed(Mixture $water, Mixture $recipe, Target $target): float
    {
        $sum = 0.0;
        foreach ($target->aims() as $aim) {
            $goal = (float) $target->value($aim);
            $tolerance = $aim->tolerance(max(1e-9, $goal));
            $has = $recipe->value($aim) ?? $goal;
            $sum += ((($water->value($aim) ?? $goal) - (abs($has - $goal) <= self::NEAR * $tolerance ? $goal : $has)) / $tolerance) ** 2;
        }

        return $sum;
    }

    /**
     * @param array{array<int, float>, float}    $found
     * @param list<int>                          $places
     * @param callable(array<int, float>): float $miss
     *
     * @return array{array<int, float>, float}
     */
    private static function improved(array $found, array $places, callable $miss): array
    {
        [$best, $least] = $found;
        do {
            $better = null;
            foreach (self::moves($places) as $move) {
                $trial = $best;
                foreach ($move as $j => $by) {
                    $trial[$j] = max(0.0, $trial[$j] + $by);
                }
                $now = $miss($trial);
                if ($now < $least * (1.0 - 1e-9) - 1e-12) {
                    [$better, $least] = [$trial, $now];
                }
            }
            $best = $better ?? $best;
        } while ($better !== null);

        return [$best, $least];
    }

    /**
     * @param list<int> $places
     *
     * @return iterable<array<int, int>> one step up or down, alone or with another
     */
    private static function moves(array $places): iterable
    {
        foreach ($places as $i => $a) {
            foreach ([1, -1] as $by) {
                yield [$a => $by];
                foreach (array_slice($places, $i + 1) as $b) {
                    yield [$a => $by, $b => 1];
                    yield [$a => $by, $b => -1];
                }
            }
        }
    }

    /** @return list<float> what so much of a product in a litre moves of each aim, in tolerances */
    private static function effects(Mixture $recipe, int $j, float $perLitre, Target $target): array
    {
        $product = $recipe->products[$j];
        $effects = [];
        foreach ($target->aims() as $aim) {
            $goal = max(1e-9, (float) $target->value($aim));
            $effects[] = $perLitre * match ($aim) {
                RecipeAim::Hardness => $product->perUnit->hardness(),
                RecipeAim::Alkalinity => $product->perUnit->alkalinity(),
                // Of the ratio to first order, about the recipe.
                RecipeAim::Ratio => ($product->perUnit->milligramsOf(Ion::Calcium) - ($recipe->value($aim) ?? $goal) * $product->perUnit
                    ->milligramsOf(Ion::Magnesium)) / max(
                        1e-6,
                        $recipe->ions->milligramsOf(Ion::Magnesium),
                    ),
                RecipeAim::Conductivity => $product->labelled ?? $recipe->conductance->partOf($product->conducting()),
            } / $aim->tolerance($goal);
        }

        return $effects;
    }

    /** @return list<float> by how much the recipe itself is off each aim, in tolerances; nothing where it cannot be had anyway */
    private static function offsets(Mixture $recipe, Target $target): array
    {
        $offsets = [];
        foreach ($target->aims() as $aim) {
            $goal = (float) $target->value($aim);
            $off = (($recipe->value($aim) ?? $goal) - $goal) / $aim->tolerance(max(1e-9, $goal));
            $offsets[] = abs($off) <= self::NEAR ? $off : 0.0;
        }

        return $offsets;
    }

    /**
     * Products in the order they are dissolved, those that are needed.
     *
     * @return list<int> places of the products
     */
    public function order(): array
    {
        $order = array_keys(array_filter($this->amounts, static fn(float $amount): bool => $amount > 0.0));
        usort($order, fn(int $a, int $b): int => [$this->recipe->products[$a]->turn(), $a] <=> [$this->recipe->products[$b]->turn(), $b]);

        return $order;
    }

    /** Conductivity of the waters alone, before any product, uS/cm. */
    public function start(): float
    {
        return Mixture::of($this->recipe->sources, $this->recipe->shares, [], [])->conductivity;
    }

    /**
     * What the meter says of this batch.
     *
     * @param float $read uS/cm at 25 degC
     * @param float $soft conductivity of the water to thin with, uS/cm
     */
    public function check(float $read, float $soft = 0.0): BatchReading
    {
        return BatchReading::of($read, $this->water->conductivity, $this->start(), $this->litres, $soft, $this->water->doubt());
    }
}
