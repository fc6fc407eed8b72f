<?php

declare(strict_types=1);

return [
    'started' => 'Filled with water on', 'started_help' => 'empty if you don’t know: then nothing is taken to be settled', 'started_fault' => 'A day up to today, like 2026-03-01.',
    'water' => ['now' => 'Water now', 'tested' => 'tested :day', 'changed' => 'forecast, changed :day', 'since' => 'since :day', 'untested' => 'Not tested: :what.', 'all' => 'All charts'],
    'more' => 'More about this tank', 'stands' => '{0} no plants drawn|{1} one plant group|[2,*] :count plant groups', 'measures' => 'Measures',
    'bed' => ':back at the back, :front in front, :water of it water between the grains',
    'litres' => ':litres net',
    'fact' => [
        'glass' => ':size, glass :glass', 'waterline' => 'Waterline', 'below' => ':level below the rim', 'surface' => 'Surface', 'inch' => 'One inch', 'centimetre' => 'One centimetre', 'at_surface' => ':litres at the surface',
        'bed' => 'Bed', 'hardscape' => 'Hardscape', 'stone' => ':weight stone', 'wood' => ':weight wood',
    ],
    'drawing' => [
        'of' => ':tank, :length × :height, water :water below the rim', 'mark' => 'drain mark :mark below the rim', 'from' => ':device: from −:top', 'bare' => 'bare by :by: :then', 'covered' => 'stays covered by :by',
        'fish' => 'fish stand in :depth', 'need' => 'they need :needed', 'too_little' => 'too little: they need :needed',
    ],
];
