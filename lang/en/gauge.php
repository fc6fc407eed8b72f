<?php

declare(strict_types=1);

return [
    'head' => 'Equipment',
    'why' => 'Note these now and then: equipment that fails slowly shows here before your animals feel it.',
    'last' => 'last :value, :day',
    'out' => 'Delete',
    'ask' => 'Ask the plug',
    'no_plug' => 'No plug is connected. Choose it in Settings.',
    'told' => '{0} The plug says: the heater was not on yesterday.|{1} The plug says: one minute yesterday. Saved.|[2,*] The plug says: :count minutes yesterday. Saved.',
    'heater' => ['label' => 'Heater on', 'unit' => 'min a day', 'short' => 'min', 'moved' => 'Heater minutes a day', 'example' => '240', 'help' => 'from a metering plug'],
    'bubbles' => ['label' => 'CO₂ bubbles', 'unit' => 'a minute', 'short' => 'a minute', 'moved' => 'CO₂ bubble rate', 'example' => '90', 'help' => 'count while the light is on'],
    'flow' => ['label' => 'Filter flow', 'unit' => 'L/h', 'short' => 'L/h', 'moved' => 'Filter flow', 'example' => '400', 'help' => 'fill a litre jug: 3,600 divided by the seconds'],
];
