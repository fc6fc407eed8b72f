<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** A box whose front pane is the arc of a circle: a rectangle with a circular segment before it. */
final readonly class BowFront implements Footprint
{
    /** mm: what is flatter is a box. House limit. */
    private const LEAST_BOW = 0.5;

    private float $bow;

    private float $radius;

    /**
     * @param float $sideDepth   mm, at the sides
     * @param float $middleDepth mm, in the middle, more than at the sides; the bow is at most half the length
     *
     * @throws TankFault when the bow is not a bow
     */
    public function __construct(private float $length, private float $sideDepth, private float $middleDepth)
    {
        $this->bow = $middleDepth - $sideDepth;
        if (!($this->bow >= self::LEAST_BOW && $this->bow <= $length / 2.0)) {
            throw TankFault::noBow();
        }
        $this->radius = ($length * $length / 4.0 + $this->bow * $this->bow) / (2.0 * $this->bow);
    }

    public function area(): float
    {
        return $this->areaBehind($this->middleDepth);
    }

    public function areaBehind(float $depth): float
    {
        $depth = max(0.0, min($this->middleDepth, $depth));
        if ($depth <= $this->sideDepth) {
            return $this->length * $depth;
        }

        return $this->length * $this->sideDepth
            + Disc::segment($this->radius, $this->bow) - Disc::segment($this->radius, $this->middleDepth - $depth);
    }

    public function length(): float
    {
        return $this->length;
    }

    public function depth(): float
    {
        return $this->middleDepth;
    }

    public function outline(): array
    {
        $points = [[0.0, 0.0], [$this->length, 0.0]];
        $centre = $this->middleDepth - $this->radius;
        for ($i = 0; $i <= 24; ++$i) {
            $across = $this->length * (1.0 - $i / 24.0);
            $points[] = [$across, $centre + sqrt(max(0.0, $this->radius ** 2 - ($across - $this->length / 2.0) ** 2))];
        }

        return $points;
    }
}
