<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

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

    public function text(): string
    {
        return match ($this) {
            self::Mains => 'Unplug before hands go in or the level falls. Let cables hang in a drip loop and keep a residual-current device in the circuit. Fixed wiring is work for a licensed electrician, by the local code.',
            self::HotHeater => 'A heater stays hot after it is switched off. Let it stand under water until the timer rings.',
            self::NoMouth => 'Never start a siphon by mouth: pump it, or fill the hose under the tap.',
            self::WatchHose => 'Do not leave a running hose alone.',
            self::Lifting => 'Buckets are heavy: fill them to three quarters and carry them close.',
            self::WetFloor => 'Wipe up as you go: wet floors are slippery, and a step-ladder wants a dry, firm one; no reaching over.',
            self::BackSiphon => 'Keep the end of the hose above the water and a backflow preventer on the tap, so that nothing runs back into the supply. Flush a hose that has been stored.',
            self::HotTap => 'Hot tap water may carry copper or softener salt: with shrimp, warm cold water instead.',
            self::Scald => 'Set the mixer before the hose goes into the tank.',
            self::Skin => 'Cover cuts and wash afterwards. See a doctor about a sore that does not heal, and say that you keep fish.',
            self::Waste => 'No plants, animals or tank water into streams, ponds or storm drains. Salty or medicated water does not go onto beds.',
            self::FilterStill => 'A closed filter that has stood still for about an hour goes stale: aerate the tank, and rinse the canister before it runs again.',
            self::CarbonDioxide => 'CO₂ left on without surface movement suffocates fish. The cylinder stands upright and tied, in an aired room.',
            self::BareHeater => 'The heater is bare at this mark: it stays off until it has stood under water again.',
            self::Conditioner => 'Dose by the label and for the right volume: too much takes up oxygen.',
            self::WarmSalt => 'Calcium chloride warms the water as it dissolves: strew it in slowly, salt into water, and let it cool. Goggles and gloves for strong solutions.',
            self::HotSalt => 'Anhydrous calcium chloride gets hot enough to spit and scald: salt into plenty of cold water, never the reverse; goggles and gloves, out of children’s reach.',
            self::Caustic => 'Potassium carbonate is strongly basic: goggles and gloves, and the water waits until pH has come down before animals meet it.',
            self::Dust => 'Do not breathe the dust; keep all jars labelled, dry and out of children’s reach.',
            self::Oxidiser => 'Nitrates feed fire: keep them away from anything that burns, and in small amounts. Local rules may limit keeping them.',
            self::Osmotic => 'Shrimp moult and die on a sudden jump of hardness or conductivity: add this water slowly, matched in temperature.',
            self::SodiumPlants => 'Sodium does plants no good and leaves only with changed water.',
            self::Acid => 'Acid goes into water, never water into acid: goggles, gloves, fresh air, children away. It takes alkalinity away for good; pH falls at once and climbs again as carbon dioxide leaves.',
            self::Peroxide => 'Peroxide and other algaecides burn skin and eyes: gloves and goggles, fresh air, out of children’s reach, extra air for the animals. Half as much and less where shrimp, fry, mosses or fine leaves live.',
            self::Medicine => 'Medicines and antibiotics are for a veterinarian to choose, under local law.',
            self::ColdJet => 'Break the jet of a large cold refill: gas that comes out of it harms gills.',
            self::Blades => 'Blades and scissors stay sharp under water: cut away from the other hand, cover them when they lie. No bare hands into broken glass. Strong magnets crush fingers.',
            self::StoreAbove => 'A store that stands above the tank runs on with the pump off: close a valve at the outlet end, and do not leave a filling store alone without an overflow stop.',
        };
    }
}
