<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** What can hurt someone, said where it bites. */
enum Caution: string
{
    case Mains = 'mains';
    case HotHeater = 'hot_heater';
    case NoMouth = 'no_mouth';
    case WatchHose = 'watch_hose';
    case Lifting = 'lifting';
    case WetFloor = 'wet_floor';
    case BackSiphon = 'back_siphon';
    case HotTap = 'hot_tap';
    case Scald = 'scald';
    case Skin = 'skin';
    case Waste = 'waste';
    case FilterStill = 'filter_still';
    case CarbonDioxide = 'carbon_dioxide';
    case BareHeater = 'bare_heater';
    case Conditioner = 'conditioner';
    case WarmSalt = 'warm_salt';
    case HotSalt = 'hot_salt';
    case Caustic = 'caustic';
    case Dust = 'dust';
    case Oxidiser = 'oxidiser';
    case Osmotic = 'osmotic';
    case SodiumPlants = 'sodium_plants';
    case Acid = 'acid';
    case Peroxide = 'peroxide';
    case Medicine = 'medicine';
    case ColdJet = 'cold_jet';
    case StoreAbove = 'store_above';
    case Blades = 'blades';
}
