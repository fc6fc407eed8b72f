<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A bell curve: a value with a standard deviation. */
final readonly class NormalValue implements Distribution
{
    /** @throws MeasureFault when the deviation is negative */
    public function __construct(private float $mean, private float $deviation)
    {
        if ($deviation < 0.0) {
            throw MeasureFault::negative('spread', $deviation);
        }
    }

    public function quantile(float $share): float
    {
        return $this->mean + $this->deviation * self::standardQuantile($share);
    }

    public function central(): float
    {
        return $this->mean;
    }

    public function spread(): float
    {
        return $this->deviation;
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        return new self($this->mean * $scale + $offset, $this->deviation * $scale);
    }

    /**
     * Quantile of the standard normal distribution, absolute error under 5e-4.
     *
     * Source: Abramowitz and Stegun (1964), Handbook of Mathematical Functions, 26.2.23.
     */
    public static function standardQuantile(float $share): float
    {
        $share = min(1.0 - 1e-9, max(1e-9, $share));
        $tail = min($share, 1.0 - $share);
        $t = sqrt(-2.0 * log($tail));
        $z = $t - (2.515517 + 0.802853 * $t + 0.010328 * $t * $t)
            / (1.0 + 1.432788 * $t + 0.189269 * $t * $t + 0.001308 * $t ** 3);

        return $share < 0.5 ? -$z : $z;
    }
}
