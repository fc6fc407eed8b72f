<?php

declare(strict_types=1);

return [
    'head' => 'What the equipment does',
    'why' => 'Read now and then, what fails quietly is found before the animals feel it: Cresco holds each against its own values of before.',
    'last' => 'last :value, :day',
    'out' => 'Take out',
    'ask' => 'Ask the plug',
    'no_plug' => 'No plug is connected. It is chosen in the settings.',
    'told' => '{0} The plug says: the heater was not on yesterday.|{1} The plug says: one minute yesterday. Kept.|[2,*] The plug says: :count minutes yesterday. Kept.',
    'heater' => ['label' => 'Heater on', 'unit' => 'min a day', 'short' => 'min', 'moved' => 'Minutes that the heater needs', 'example' => '240', 'help' => 'from a plug that counts'],
    'bubbles' => ['label' => 'Bubbles of gas', 'unit' => 'a minute', 'short' => 'a minute', 'moved' => 'Bubbles of gas', 'example' => '90', 'help' => 'counted while the lamp is on'],
    'flow' => ['label' => 'Out of the filter', 'unit' => 'L/h', 'short' => 'L/h', 'moved' => 'What the filter turns over', 'example' => '400', 'help' => 'a litre jug and a watch: 3,600 by the seconds'],
];
