<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** What hangs in or runs on a tank, and what the waterline means to it. */
enum DeviceKind: string
{
    case Heater = 'heater';
    case Canister = 'canister';
    case HangOnFilter = 'hang_on_filter';
    case InternalFilter = 'internal_filter';
    case WavePump = 'wave_pump';
    case Skimmer = 'skimmer';
    case AirPump = 'air_pump';
    case Lamp = 'lamp';
    case CarbonDioxide = 'carbon_dioxide';
    case TopUp = 'top_up';
    case Doser = 'doser';
    case Feeder = 'feeder';
    case Ultraviolet = 'ultraviolet';

    /** Whether it hangs in the water, so that its height matters. */
    public function hangsInWater(): bool
    {
        return in_array($this, [self::Heater, self::Canister, self::HangOnFilter, self::InternalFilter, self::WavePump, self::Skimmer], true);
    }

    /** Whether it goes off before hands go in; air alone may bubble on. */
    public function goesOff(): bool
    {
        return $this !== self::AirPump;
    }
}
