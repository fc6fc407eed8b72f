<?php

declare(strict_types=1);

// What the water of a tank asks for: a head, the reason, and for alarms what to do in the next ten minutes.
return [
    'ten_minutes' => 'In the next ten minutes',
    'source' => ['read' => 'tested :when', 'carried' => 'forecast since the water change of :when', 'on' => 'estimate since the test of :when'],
    'free_ammonia' => [
        'head' => 'Free ammonia is dangerous now',
        'why' => 'Up to :value mg/L NH₃-N; the alarm level is :limit.',
        'acts' => [
            'Add air: an air stone, or turn the outlet up so that the surface breaks.',
            'Do not feed until it is gone. Look for dead animals and remove them.',
            'Change as much water as Water change allows: dechlorinated, same temperature, no higher pH.',
            'Turn CO₂ off only if animals gasp: a rising pH frees more ammonia.',
            'Test again in an hour.',
        ],
    ],
    'ammonium' => [
        'head' => 'Ammonia is dangerous now',
        'why' => 'Tested :value; the alarm level is :limit.',
        'acts' => [
            'Add air: an air stone, or turn the outlet up so that the surface breaks.',
            'Do not feed until it is gone. Look for dead animals and remove them.',
            'Change as much water as Water change allows: dechlorinated, same temperature, no higher pH.',
            'A dechlorinator that binds ammonia (see its label) holds it for a day; a test may still show it.',
            'Test again in an hour.',
        ],
    ],
    'ammonium_seen' => ['head' => 'Ammonia in an established tank', 'why' => ':value: find the cause (a dead animal, too much food, a filter that stood still). Test again tomorrow.'],
    'carbon_dioxide_far' => [
        'head' => 'CO₂ is dangerously high',
        'why' => 'About :value mg/L by pH and KH; above :limit it harms animals.',
        'acts' => [
            'Close the CO₂ bottle, add air, turn the outlet up so that the surface breaks.',
            'Watch the animals: do fish gasp, do shrimp lie about?',
            'Leave pH alone: no acid, no buffer. It rises by itself as CO₂ escapes.',
            'Before you turn CO₂ on again find out why: valve, timer, night, cold new water.',
        ],
    ],
    'carbon_dioxide' => ['head' => 'CO₂ is high', 'why' => 'About :value mg/L by pH and KH; above :limit it harms animals. Less CO₂, more surface movement. Driftwood and peat make it look higher than it is.'],
    'nitrite' => [
        'head' => 'Nitrite is dangerous now',
        'why' => 'Tested :value; the alarm level is :limit.',
        'acts' => [
            'Add air: nitrite keeps blood from carrying oxygen.',
            'Do not feed until it is gone.',
            'Change as much water as Water change allows: dechlorinated, same temperature.',
            'Is the filter running, and since when? Do not clean it now.',
            'Test again in a few hours.',
        ],
    ],
    'nitrite_seen' => ['head' => 'Nitrite in an established tank', 'why' => ':value, up to :limit is fine: the filter is not keeping up. Feed less, and test again tomorrow.'],
    'hot' => [
        'head' => 'The tank is too hot',
        'why' => ':value, target up to :limit. Warm water holds little oxygen.',
        'acts' => [
            'Unplug the heater, switch the light off, open the lid.',
            'Add air: an air stone, or turn the outlet up so that the surface breaks.',
            'A fan across the surface cools by a few degrees in a day.',
            'Cool no faster than these animals tolerate: Water change says how warm the new water must be. No ice.',
            'Do not feed today. Test again in an hour.',
        ],
    ],
    'cold' => [
        'head' => 'The tank is too cold',
        'why' => ':value, target from :limit.',
        'acts' => [
            'Does the heater have power, and is it under water? Unplug it before you touch it.',
            'Close the lid, put a blanket around the glass.',
            'Warm no faster than these animals tolerate: Water change says how warm the new water must be.',
            'Do not feed until it is warm again. Test again in an hour.',
        ],
    ],
    'warm' => ['head' => 'Warmer than its target', 'why' => ':value, target up to :limit: check heater, light and room.'],
    'cool' => ['head' => 'Cooler than its target', 'why' => ':value, target from :limit: check the heater.'],
    'nitrate_far' => ['head' => 'Nitrate is far over its limit', 'why' => ':value, limit :limit: change water today, in several steps if Water change says so.'],
    'nitrate' => ['head' => 'Nitrate is over its limit', 'why' => ':value, limit :limit.'],
    'nitrate_likely' => ['head' => 'Nitrate is probably over its limit', 'why' => ':value, limit :limit. Test to be sure.'],
    'nitrate_soon' => ['head' => 'Nitrate reaches its limit soon', 'why' => '{0} At its daily rise it passes :limit today.|{1} At its daily rise it passes :limit in a day.|[2,*] At its daily rise it passes :limit in :days days.'],
    'open' => ['head' => ':parameter does not fit your earlier tests', 'why' => 'It is about :limit, or about :value if something happened that is not in the log. Test it again, or log what happened.'],
    'above' => ['head' => ':parameter is above its target', 'why' => ':value, target up to :limit.'],
    'below' => ['head' => ':parameter is below its target', 'why' => ':value, target from :limit.'],
];
