<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** A quarter of a cylinder for a corner of the room: two flat panes, at the back and at the left. */
final readonly class QuarterDisc implements Footprint
{
    public function __construct(private float $radius) {}

    public function area(): float
    {
        return M_PI * $this->radius ** 2 / 4.0;
    }

    public function areaBehind(float $depth): float
    {
        return (new HalfDisc($this->radius))->areaBehind($depth) / 2.0;
    }

    public function length(): float
    {
        return $this->radius;
    }

    public function depth(): float
    {
        return $this->radius;
    }

    public function outline(): array
    {
        return [[0.0, 0.0], ...Disc::arc(0.0, 0.0, $this->radius, 0.0, M_PI / 2.0)];
    }
}
