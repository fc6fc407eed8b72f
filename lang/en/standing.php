<?php

declare(strict_types=1);

// What the water of a tank asks for: a head, the reason, and for alarms what to do in the next ten minutes.
return [
    'ten_minutes' => 'In the next ten minutes',
    'source' => ['read' => 'read :when', 'carried' => 'forecast since the change of :when', 'on' => 'carried on since it was read :when'],
    'free_ammonia' => [
        'head' => 'Free ammonia is dangerous now',
        'why' => 'Up to :value mg/L NH₃-N, the alarm is :limit.',
        'acts' => [
            'Air: an air stone, or the outlet turned up so that the surface breaks.',
            'No food until it is gone. Look for what died, and take it out.',
            'Change water as far as its page allows, conditioned, as warm as the tank, of no higher pH.',
            'Switch the CO₂ off only if animals gasp: pH that rises sets more ammonia free.',
            'Read again in an hour.',
        ],
    ],
    'ammonium' => [
        'head' => 'Ammonium is dangerous now',
        'why' => ':value stand in the tank, the alarm is :limit.',
        'acts' => [
            'Air: an air stone, or the outlet turned up so that the surface breaks.',
            'No food until it is gone. Look for what died, and take it out.',
            'Change water as far as its page allows, conditioned, as warm as the tank, of no higher pH.',
            'A conditioner that says so binds ammonium for a day; a test may show it all the same.',
            'Read again in an hour.',
        ],
    ],
    'ammonium_seen' => ['head' => 'Ammonium in a running tank', 'why' => ':value: find what brings it, a dead animal, too much food, a filter that stood. Read again tomorrow.'],
    'carbon_dioxide_far' => [
        'head' => 'Carbon dioxide is dangerous now',
        'why' => 'About :value mg/L by pH and KH; above :limit it harms animals.',
        'acts' => [
            'Gas off at the bottle, air on, the outlet turned up so that the surface breaks.',
            'Look at the fish: do they gasp, do shrimp lie about?',
            'Leave pH alone: no acid, no buffer. It rises by itself as the gas leaves.',
            'Before the gas goes on again find why: a valve, a timer, the night, water that was let in cold.',
        ],
    ],
    'carbon_dioxide' => ['head' => 'Carbon dioxide is high', 'why' => 'About :value mg/L by pH and KH; above :limit it harms animals. Less gas, more surface; roots and peat make it look higher than it is.'],
    'nitrite' => [
        'head' => 'Nitrite is dangerous now',
        'why' => ':value stand in the tank, the alarm is :limit.',
        'acts' => [
            'Air: nitrite keeps blood from carrying oxygen.',
            'No food until it is gone.',
            'Change water as far as its page allows, conditioned and as warm as the tank.',
            'Does the filter run, and since when? Do not clean it now.',
            'Read again in some hours.',
        ],
    ],
    'nitrite_seen' => ['head' => 'Nitrite in a running tank', 'why' => ':value, where :limit is fine: the filter is behind. Feed less, and read again tomorrow.'],
    'hot' => [
        'head' => 'The tank is too hot',
        'why' => ':value, kept up to :limit. Warm water holds little oxygen.',
        'acts' => [
            'Heater unplugged, lamp off, lid open.',
            'Air: an air stone, or the outlet turned up so that the surface breaks.',
            'A fan across the surface cools by some degrees in a day.',
            'Cool by no more than these animals stand at once: the page of the change says how warm the new water must be. No ice.',
            'No food today. Read again in an hour.',
        ],
    ],
    'cold' => [
        'head' => 'The tank is too cold',
        'why' => ':value, kept from :limit on.',
        'acts' => [
            'Does the heater have power, and is it under water? Unplug it before you touch it.',
            'Lid on, a blanket round the panes.',
            'Warm by no more than these animals stand at once: the page of the change says how warm the new water must be.',
            'No food until it is warm again. Read again in an hour.',
        ],
    ],
    'warm' => ['head' => 'Warmer than it is kept', 'why' => ':value, kept up to :limit: look at heater, lamp and room.'],
    'cool' => ['head' => 'Cooler than it is kept', 'why' => ':value, kept from :limit on: look at the heater.'],
    'nitrate_far' => ['head' => 'Nitrate is far over its limit', 'why' => ':value, kept under :limit: change water today, in several steps if its page says so.'],
    'nitrate' => ['head' => 'Nitrate is over its limit', 'why' => ':value, kept under :limit.'],
    'nitrate_likely' => ['head' => 'Nitrate is probably over its limit', 'why' => ':value, kept under :limit: a test would tell.'],
    'nitrate_soon' => ['head' => 'Nitrate reaches its limit soon', 'why' => '{0} By what it makes it passes :limit today.|{1} By what it makes it passes :limit in a day.|[2,*] By what it makes it passes :limit in :days days.'],
    'open' => ['head' => ':parameter does not fit what was read before', 'why' => 'It is about :limit, or about :value if something happened that is not written down. Test it again, or write down what happened.'],
    'above' => ['head' => ':parameter is above its range', 'why' => ':value, kept up to :limit.'],
    'below' => ['head' => ':parameter is below its range', 'why' => ':value, kept from :limit on.'],
];
