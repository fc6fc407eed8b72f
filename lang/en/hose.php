<?php

declare(strict_types=1);

return [
    'yours' => 'Your hose', 'other' => 'Another one', 'never' => 'never', 'flow' => ':first to :last',
    'stops' => 'The end of the hose is above that level: flow stops after :litres. Lower the end, or drain less.',
    'slow' => ['head' => 'Too slow to clean.', 'why' => 'Water rises at only :rise cm/s, and debris sinks as fast: use a narrower tube, a wider hose, or put its end lower.'],
    'most' => 'Water rises at :rise cm/s: it lifts :grain up to about :size.',
    'lifts' => ['head' => 'This will suck up your substrate.', 'why' => 'A tube of :tube or wider leaves it lying; or pinch the hose to under :flow.'],
    'cleans' => 'It lifts debris and leaves your substrate.', 'too_high' => 'This pump does not lift water that high.', 'mix' => ':hot hot and :cold cold',
    'never_warm' => 'Never in this room: it loses more heat than the heater gives.',
    'page' => [
        'title' => 'Hose and heat for :tank',
        'hose_and_heat' => 'Hose and heat for :tank', 'litres_to_drain' => 'litres to drain', 'it_stops' => 'It stops.', 'inner_diameter' => 'inner diameter', 'length' => 'length',
        'open_end_below' => 'open end below the rim', 'gravel_vac_on' => 'Gravel vac on your hose', 'inner_width_of' => 'inner width of the tube', 'grains_of' => 'grains of', 'of' => 'of',
        'refill_by_pump' => 'Refill by pump', 'rated_flow' => 'rated flow', 'maximum_head' => 'maximum head', 'lifts_the_water' => 'lifts the water by',
        'warm_water_from' => 'Warm water from hot and cold', 'cold' => 'cold', 'hot_or_100' => 'hot, or 100 from a kettle', 'target' => 'target', 'heater_4' => 'Heater',
        'heater' => 'heater', 'too_cold_by' => 'too cold by', 'room_temperature' => 'room temperature', 'use_your_hose' => 'Use “your hose” from now on',
    ],
];
