<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** Something that takes the place of water: stone, wood, equipment. */
final readonly class Displacement
{
    /** House default: most stones used in tanks, kg/L. */
    public const STONE_DENSITY = 2.7;

    /** House default: wood that has taken up water, kg/L. */
    public const WOOD_DENSITY = 1.1;

    private function __construct(
        public float $litres,
        public float $from,
        public float $to,
        private bool $tapers,
    ) {}

    /** Spread evenly between two heights above the inner floor, mm. */
    public static function even(float $litres, float $from, float $to): self
    {
        return self::checked($litres, $from, $to, false);
    }

    /** A cone with its base at $from and its tip at $to, mm above the inner floor. */
    public static function cone(float $litres, float $from, float $to): self
    {
        return self::checked($litres, $from, $to, true);
    }

    private static function checked(float $litres, float $from, float $to, bool $tapers): self
    {
        if (!is_finite($litres) || !is_finite($from) || !is_finite($to) || $litres < 0.0 || $from < 0.0) {
            throw TankFault::displacement();
        }

        return new self($litres, $from, max($from + 1.0, $to), $tapers);
    }

    /** Litres of it below a height, mm. */
    public function litresBelow(float $height): float
    {
        $share = max(0.0, min(1.0, ($height - $this->from) / ($this->to - $this->from)));

        return $this->litres * ($this->tapers ? 1.0 - (1.0 - $share) ** 3 : $share);
    }

    /** Area at a height, mm2. */
    public function areaAt(float $height): float
    {
        if ($height < $this->from || $height > $this->to) {
            return 0.0;
        }
        $mean = $this->litres * 1e6 / ($this->to - $this->from);

        return $this->tapers ? 3.0 * $mean * (1.0 - ($height - $this->from) / ($this->to - $this->from)) ** 2 : $mean;
    }
}
