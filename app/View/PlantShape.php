<?php

declare(strict_types=1);

namespace App\View;

/** One stand in the drawing of a tank. */
final readonly class PlantShape
{
    /**
     * @param float      $x      left end, in the drawing
     * @param float      $base   where it stands
     * @param float      $height up to the surface at most
     * @param float      $deep   0 in front to 1 at the back
     * @param bool       $shaded whether it has less light than it asks for
     * @param bool       $dry    whether more than half of it stands out of the water at the mark
     * @param bool       $isLow  whether it does not lie down with the water: carpets, rosettes, moss, what sits on wood
     */
    public function __construct(
        public int $key,
        public string $name,
        public float $x,
        public float $base,
        public float $width,
        public float $height,
        public float $deep,
        public Silhouette $shape,
        public bool $shaded,
        public bool $dry,
        public bool $floats,
        public bool $isLow,
    ) {}
}
