<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** A value without doubt. */
final readonly class ExactValue implements Distribution
{
    public function __construct(private float $value) {}

    public function quantile(float $share): float
    {
        return $this->value;
    }

    public function central(): float
    {
        return $this->value;
    }

    public function spread(): float
    {
        return 0.0;
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        return new self($this->value * $scale + $offset);
    }
}
