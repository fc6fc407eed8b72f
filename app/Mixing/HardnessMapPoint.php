<?php

declare(strict_types=1);

namespace App\Mixing;

/** One water on the map of hardness. */
final readonly class HardnessMapPoint
{
    /** @param string $kind "made", "tank" or "source" */
    public function __construct(
        public string $kind,
        public float $x,
        public float $y,
        public string $name,
        public float $textX,
        public float $textY,
        public bool $toLeft,
        public string $said,
    ) {}
}
