<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** What can be read of the equipment of a tank beside its water, so that what fails quietly is found. One more is a case here and its words. */
enum Gauge: string
{
    case Heater = 'heater';
    case Bubbles = 'bubbles';
    case Flow = 'flow';

    /** The most that can be: minutes in a day, bubbles in a minute, L an hour. */
    public function most(): float
    {
        return match ($this) {
            self::Heater => 1440.0,
            self::Bubbles => 1000.0,
            self::Flow => 20_000.0,
        };
    }
}
