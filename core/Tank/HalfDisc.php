<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** Half a cylinder, its flat pane at the back. */
final readonly class HalfDisc implements Footprint
{
    public function __construct(private float $radius) {}

    public function area(): float
    {
        return M_PI * $this->radius ** 2 / 2.0;
    }

    public function areaBehind(float $depth): float
    {
        return $this->area() - Disc::segment($this->radius, $this->radius - max(0.0, min($this->radius, $depth)));
    }

    public function length(): float
    {
        return 2.0 * $this->radius;
    }

    public function depth(): float
    {
        return $this->radius;
    }

    public function outline(): array
    {
        return Disc::arc($this->radius, 0.0, $this->radius, 0.0, M_PI);
    }
}
