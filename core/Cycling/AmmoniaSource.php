<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** Where the ammonia of a tank that is being started comes from, and how much of it, mg/L of nitrogen a day. */
enum AmmoniaSource: string
{
    /** Nothing but what bed and wood give. */
    case Little = 'little';

    /** A pinch of food every other day. */
    case Food = 'food';

    /** Active soil that gives ammonium for its first weeks. */
    case Soil = 'soil';

    /** A few fish that are fed sparingly. */
    case Fish = 'fish';

    /** Ammonia that is dosed: nothing else comes. */
    case Dosed = 'dosed';

    /** mg/L N a day. House defaults. */
    private const A_DAY = ['little' => 0.03, 'food' => 0.1, 'soil' => 0.3, 'fish' => 0.15, 'dosed' => 0.0];

    /** mg/L N a day of doses that nobody noted. House default. */
    private const UNNOTED = 0.5;

    public function aDay(): float
    {
        return self::A_DAY[$this->value];
    }

    /** The same where something was read and no dose was noted. */
    public function unnoted(): float
    {
        return $this === self::Dosed ? self::UNNOTED : $this->aDay();
    }

    /** Whether its nitrogen comes of protein, which gives an equivalent of alkalinity back as it is set free. */
    public function isFood(): bool
    {
        return in_array($this, [self::Little, self::Food, self::Fish], true);
    }
}
