<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

/** A recipe as it is made by the sink: amounts as the scale or the spoon can give them, and what that does to the water. */
final readonly class Batch
{
    /**
     * @param list<float> $amounts as weighed, g or mL for the whole batch
     * @param Mixture     $water   that these amounts make
     */
    private function __construct(public Mixture $recipe, public float $litres, public array $amounts, public Mixture $water) {}

    /**
     * @param float              $step   smallest step of the scale, g; 0 leaves amounts as they are
     * @param array<int, float>  $spoons grams of one level spoon, by place of the jar; measured in halves of it
     */
    public static function rounded(Mixture $recipe, float $litres, float $step, array $spoons = []): self
    {
        $amounts = [];
        foreach ($recipe->amounts as $j => $amount) {
            $each = isset($spoons[$j]) ? $spoons[$j] / 2.0 : $step;
            $whole = $amount * $litres;
            $amounts[] = $each > 0.0 ? round($whole / $each) * $each : $whole;
        }
        $perLitre = array_map(static fn(float $amount): float => $amount / $litres, $amounts);

        return new self($recipe, $litres, $amounts, Mixture::of($recipe->sources, $recipe->shares, $recipe->jars, $perLitre));
    }

    /**
     * Jars in the order they are dissolved, those that are needed.
     *
     * @return list<int> places of the jars
     */
    public function order(): array
    {
        $order = array_keys(array_filter($this->amounts, static fn(float $amount): bool => $amount > 0.0));
        usort($order, fn(int $a, int $b): int => [$this->recipe->jars[$a]->turn(), $a] <=> [$this->recipe->jars[$b]->turn(), $b]);

        return $order;
    }

    /** Conductivity of the waters alone, before any jar, uS/cm. */
    public function start(): float
    {
        return Mixture::of($this->recipe->sources, $this->recipe->shares, [], [])->conductivity;
    }

    /**
     * What the pen says of this batch.
     *
     * @param float $read uS/cm at 25 degC
     * @param float $soft conductivity of the water to thin with, uS/cm
     */
    public function check(float $read, float $soft = 0.0): PenCheck
    {
        return PenCheck::of($read, $this->water->conductivity, $this->start(), $this->litres, $soft);
    }
}
