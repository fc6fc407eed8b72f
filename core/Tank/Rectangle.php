<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** Box and cube. */
final readonly class Rectangle implements Footprint
{
    public function __construct(private float $length, private float $depth) {}

    public function area(): float
    {
        return $this->length * $this->depth;
    }

    public function areaBehind(float $depth): float
    {
        return $this->length * max(0.0, min($this->depth, $depth));
    }

    public function length(): float
    {
        return $this->length;
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function outline(): array
    {
        return [[0.0, 0.0], [$this->length, 0.0], [$this->length, $this->depth], [0.0, $this->depth]];
    }
}
