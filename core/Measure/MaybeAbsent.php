<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** What may be there or not: none of it in half of the cases, and in the others as much as is said. Its middle is none. */
final readonly class MaybeAbsent implements Distribution
{
    /** @param Distribution $otherwise in the half of the cases in which it is there, none of them below $none */
    public function __construct(private Distribution $otherwise, private float $none = 0.0) {}

    public function quantile(float $share): float
    {
        return $share <= 0.5 ? $this->none : $this->otherwise->quantile(2.0 * $share - 1.0);
    }

    public function central(): float
    {
        return $this->none;
    }

    public function spread(): float
    {
        // Half of the cases at none, half about the middle of the others.
        $middle = $this->otherwise->central() - $this->none;

        return sqrt($this->otherwise->spread() ** 2 / 2.0 + $middle ** 2 / 4.0);
    }

    public function scaled(float $scale, float $offset = 0.0): self
    {
        return new self($this->otherwise->scaled($scale, $offset), $scale * $this->none + $offset);
    }
}
