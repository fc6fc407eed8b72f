<?php

declare(strict_types=1);

namespace App\Drawing;

/** One stand in the drawing of a tank, whatever is drained. */
final readonly class PlantShape
{
    /** Stands for the name of the drawing in the markup. */
    public const DRAWING = '@';

    /**
     * @param float      $x      left end, in the drawing
     * @param float|null $base   where it stands; null for one that goes up and down with the water
     * @param float      $height up to the surface at most
     * @param float      $deep   0 in front to 1 at the back
     * @param float      $half   mm above the floor at which half of it lies lower
     * @param bool       $shaded whether it has less light than it asks for
     * @param bool       $isLow  whether it does not lie down with the water: carpets, rosettes, moss, what sits on wood
     * @param string     $markup of its plants
     */
    public function __construct(
        public int $key,
        public string $name,
        public float $x,
        public ?float $base,
        public float $width,
        public float $height,
        public float $deep,
        public float $half,
        public bool $shaded,
        public bool $isLow,
        private string $markup,
    ) {}

    public function floats(): bool
    {
        return $this->base === null;
    }

    /** @param string $uid name of the drawing on its page */
    public function markup(string $uid): string
    {
        return str_replace(self::DRAWING, $uid, $this->markup);
    }
}
