<?php

declare(strict_types=1);

return [
    'dry' => 'No water is changed', 'change' => ':out out, :share new water, to :mark below the rim',
    'before' => '“:first” usually comes before “:then”: :why',
    'strain' => [
        'without' => 'Take them off today’s list', 'tomorrow' => 'Plan them for the next day',
        'nitrogen' => ['head' => 'Leave the filter alone now.', 'why' => 'Its bacteria do not keep up yet. Until ammonium and nitrite are gone, leave these: :what.'],
        'filter' => ['head' => 'The filter was rinsed within the last week.', 'why' => 'Give its bacteria a week to grow back. Leave these until then: :what.'],
        'young' => ['head' => 'Too much for a young tank on one day.', 'why' => 'It was filled less than three months ago. Leave these for another day: :what.'],
        'age' => ['head' => 'How old is this tank?', 'why' => 'In one that was filled less than three months ago a large change, the substrate and the filter never fall on one day. Enter the day with the tank’s measures, or leave these for another day: :what.'],
    ],
    'about' => 'about :both', 'side_by_side' => 'about :both, hands and water side by side; :one one after the other',
    'guess' => [
        'less' => 'Sessions here usually take less than you guess: :share of it.', 'true' => 'Your guesses here usually come true.', 'more' => 'Sessions here usually take :times times as long as you guess.',
    ],
    'spell' => [
        'off' => 'Begun now, heater and pumps are off from :from to :until, for :time.', 'filter' => 'The filter stands still for :time.',
        'stale' => 'The filter stands still for :time: aerate, and rinse the canister before it runs again. Fewer jobs, or the filter on in mid-fill, keep it under an hour.',
        'low' => 'At the mark fish stand in :depth for :time.', 'plants' => 'Floating plants are out for :time.',
    ],
    'out' => [
        'for' => ':litres for :what', 'vacuum' => '{1} :litres through the vacuum, over patch :patches of the bed|[2,*] :litres through the vacuum, over patches :patches of the bed',
        'rest' => ':litres for the garden or the drain', 'rest_small' => ':litres into a tub, looked through, then for the garden or the drain', 'all' => ':litres leave: :parts.',
        'wait' => '{1} Patch :patches must wait: there is not water enough today.|[2,*] Patches :patches must wait: there is not water enough today.',
    ],
];
