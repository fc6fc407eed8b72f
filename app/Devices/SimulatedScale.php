<?php

declare(strict_types=1);

namespace App\Devices;

/** Weighs so many spoonfuls of a simulated hand. */
final readonly class SimulatedScale implements WeighingScale
{
    private const HAND = 0.06;

    /**
     * @param float $spoon g of one level spoonful
     * @param float $step  g
     */
    public function __construct(private float $spoon, private int $count, private float $step, private string $name) {}

    public function read(): float
    {
        $grams = $this->spoon * $this->count * (1.0 + (new Noise('scale '.$this->name))->about(self::HAND / sqrt(max(1, $this->count))));
        $step = $this->step > 0.0 ? $this->step : 0.01;

        return max($step, round($grams / $step) * $step);
    }
}
