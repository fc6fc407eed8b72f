<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

/** What a recipe aims at, first things first: hardness and alkalinity, then calcium to magnesium, then conductivity. */
enum RecipeAim: string
{
    case Hardness = 'gh';
    case Alkalinity = 'kh';
    case Ratio = 'ratio';
    case Conductivity = 'ec';

    public function level(): int
    {
        return match ($this) {
            self::Hardness, self::Alkalinity => 0,
            self::Ratio => 1,
            self::Conductivity => 2,
        };
    }

    /**
     * How far off a batch that is made may be and still be on its target, with what scale and spoon may be off: a quarter of a degree or 5
     * %. House default.
     */
    public function near(float $target): float
    {
        return match ($this) {
            self::Hardness => max(0.25 * 0.178325, 0.05 * $target),
            self::Alkalinity => max(0.25 * 0.356650, 0.05 * $target),
            self::Ratio => 0.15 * max($target, 0.5),
            self::Conductivity => max(10.0, 0.05 * $target),
        };
    }

    /** How far off counts as missed, in the unit of the target: 0.1 degree, a tenth of the ratio, 2 % of the conductivity. */
    public function tolerance(float $target): float
    {
        return match ($this) {
            self::Hardness => 0.1 * 0.178325,
            self::Alkalinity => 0.1 * 0.356650,
            self::Ratio => 0.1 * max($target, 0.5),
            self::Conductivity => max(3.0, 0.02 * $target),
        };
    }
}
