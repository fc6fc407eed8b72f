<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** The substrate: a plane from its depth at the back to its depth at the foremost point, with water in its pores. */
final readonly class SubstrateLayer
{
    /**
     * @param float $back     depth at the back pane, mm
     * @param float $front    depth at the foremost point, mm
     * @param float $porosity water-filled share of the bulk, 0 to 0.9
     *
     * @throws TankFault when the porosity is not a share
     */
    public function __construct(public float $back, public float $front, public float $porosity)
    {
        if ($porosity < 0.0 || $porosity > 0.9) {
            throw TankFault::porosity();
        }
    }

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0);
    }

    /** Plan area where the substrate is higher than $height (mm above the inner floor), mm2. */
    public function areaAt(float $height, Footprint $plan): float
    {
        $rise = $this->back - $this->front;
        if (abs($rise) < 1e-9) {
            return $height < $this->back ? $plan->area() : 0.0;
        }
        $reach = max(0.0, min(1.0, ($this->back - $height) / $rise)) * $plan->depth();

        return $rise > 0.0 ? $plan->areaBehind($reach) : $plan->area() - $plan->areaBehind($reach);
    }

    public function highest(): float
    {
        return max($this->back, $this->front);
    }

    public function lowest(): float
    {
        return min($this->back, $this->front);
    }
}
