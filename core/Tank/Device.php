<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** What hangs in or runs on a tank, and what the waterline means to it. */
enum Device: string
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

    public function label(): string
    {
        return match ($this) {
            self::Heater => 'Heater',
            self::Canister => 'Canister filter',
            self::HangOnFilter => 'Hang-on filter',
            self::InternalFilter => 'Internal filter',
            self::WavePump => 'Wave pump',
            self::Skimmer => 'Surface skimmer',
            self::AirPump => 'Air pump',
            self::Lamp => 'Light',
            self::CarbonDioxide => 'CO₂ valve',
            self::TopUp => 'Auto top-off',
            self::Doser => 'Dosing pump',
            self::Feeder => 'Feeder',
            self::Ultraviolet => 'UV steriliser',
        };
    }

    /** As it stands within a sentence. */
    public function word(): string
    {
        return match ($this) {
            self::CarbonDioxide, self::Ultraviolet => $this->label(),
            default => mb_strtolower($this->label()),
        };
    }

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

    /** What happens when the water falls below its upper end. */
    public function whenBare(): string
    {
        return match ($this) {
            self::Heater => 'its hot glass cracks',
            self::Canister => 'the intake draws air and the canister loses its prime',
            self::HangOnFilter, self::InternalFilter => 'the filter runs dry',
            self::WavePump => 'the pump runs dry',
            self::Skimmer => 'the skimmer draws air',
            default => '',
        };
    }

    /** What keepers call the part whose level counts. */
    public function levelName(): string
    {
        return match ($this) {
            self::Canister => 'intake',
            default => $this->word(),
        };
    }
}
