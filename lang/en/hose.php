<?php

declare(strict_types=1);

return [
    'yours' => 'Your hose', 'other' => 'Another one', 'never' => 'never', 'flow' => ':first to :last',
    'stops' => 'The end of the hose lies above the mark: flow stops after :litres. Lower the end, or take less.',
    'slow' => ['head' => 'It is too slow to clean.', 'why' => 'Water rises by :rise cm/s only, and dirt sinks as fast: a narrower tube, a wider hose, or its end further down.'],
    'most' => 'Water rises by :rise cm/s: :grain up to about :size goes with it.',
    'lifts' => ['head' => 'Your grains go up with the dirt.', 'why' => 'A tube of :tube and more leaves them lying, or pinch the hose to under :flow.'],
    'cleans' => 'Dirt goes up, your grains fall back.', 'too_high' => 'This pump does not lift water so high.', 'mix' => ':hot hot and :cold cold',
    'never_warm' => 'Never in this room: it loses more than the heater gives.',
];
