<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** Cover over time, of floating plants, carpets and runners: c = 1 / (1 + (1 / c0 - 1) 2^(-t / d)), d the days in which it doubles while sparse. */
final readonly class Spread
{
    /**
     * @param float $doubling days, above 0
     *
     * @throws PlantsFault
     */
    public function __construct(public float $doubling)
    {
        if (!($doubling >= 0.1 && $doubling <= 1e5)) {
            throw PlantsFault::cover();
        }
    }

    /**
     * @param float $cover now, above 0 to 1
     * @param float $days  from now; below 0 for back in time
     */
    public function after(float $cover, float $days): float
    {
        if (!($cover > 1e-6 && $cover <= 1.0 && abs($days) < 1e6)) {
            throw PlantsFault::cover();
        }

        return 1.0 / (1.0 + (1.0 / $cover - 1.0) * 2.0 ** max(-500.0, min(500.0, -$days / $this->doubling)));
    }

    /** Days until a limit is reached: 0 where it has been, INF for all of it. */
    public function daysTo(float $cover, float $limit): float
    {
        if (!($cover > 1e-6 && $limit > 0.0 && max($cover, $limit) <= 1.0)) {
            throw PlantsFault::cover();
        }

        return match (true) {
            $cover >= $limit => 0.0,
            $limit >= 1.0 => INF,
            default => $this->doubling * log((1.0 / $cover - 1.0) / (1.0 / $limit - 1.0), 2.0),
        };
    }
}
