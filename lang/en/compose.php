<?php

declare(strict_types=1);

return [
    'dry' => 'No water change', 'change' => 'Drain :out (:share), to :mark below the rim',
    'before' => '“:first” usually comes before “:then”: :why',
    'strain' => [
        'without' => 'Remove them today', 'tomorrow' => 'Plan them for the next day',
        'nitrogen' => ['head' => 'Leave the filter alone for now.', 'why' => 'Its bacteria are not keeping up. Until ammonia and nitrite are gone, leave out: :what.'],
        'filter' => ['head' => 'The filter was rinsed within the last week.', 'why' => 'Give its bacteria a week to recover. Until then leave out: :what.'],
        'young' => ['head' => 'Too much for a young tank in one day.', 'why' => 'It was filled less than three months ago. Leave for another day: :what.'],
        'age' => ['head' => 'How old is this tank?', 'why' => 'In the first three months a large water change, the substrate and the filter never fall on one day. Enter the day in the tank setup, or leave for another day: :what.'],
    ],
    'about' => 'About :both', 'side_by_side' => 'About :both, working while water runs; :one without that',
    'guess' => [
        'less' => 'Your sessions here usually take :share of the time you guess.', 'true' => 'Your guesses here are usually right.', 'more' => 'Your sessions here usually take :times times as long as you guess.',
    ],
    'spell' => [
        'off' => 'If you start now, heater and pumps are off from :from to :until (:time).', 'filter' => 'The filter is off for :time.',
        'stale' => 'The filter is off for :time: aerate, and rinse the canister before it runs again. Do fewer tasks, or switch the filter on during the refill, to stay under an hour.',
        'low' => 'At the lowest level fish have :depth of water for :time.', 'plants' => 'Floating plants are out for :time.',
    ],
    'out' => [
        'for' => ':litres for :what', 'vacuum' => '{1} :litres by gravel vac, zone :patches|[2,*] :litres by gravel vac, zones :patches',
        'rest' => ':litres for the garden or the drain', 'rest_small' => ':litres into a tub; check it for shrimp and fry, then garden or drain', 'all' => ':litres leave the tank: :parts.',
        'wait' => '{1} Zone :patches has to wait: not enough water today.|[2,*] Zones :patches have to wait: not enough water today.',
    ],
];
