<?php

declare(strict_types=1);

namespace Cresco\Core\StartUp;

/** Where the ammonia of a tank that is being started comes from, and how much of it, mg/L of nitrogen a day. */
enum Source: string
{
    /** Nothing but what bed and wood give. */
    case Little = 'little';

    /** A pinch of food every other day. */
    case Food = 'food';

    /** Active soil that gives ammonium for its first weeks. */
    case Soil = 'soil';

    /** Ammonia that is dosed. */
    case Dosed = 'dosed';

    /** mg/L N a day. House defaults. */
    private const A_DAY = ['little' => 0.03, 'food' => 0.1, 'soil' => 0.3, 'dosed' => 0.5];

    public function aDay(): float
    {
        return self::A_DAY[$this->value];
    }
}
