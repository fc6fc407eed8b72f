<?php

declare(strict_types=1);

return [
    'page' => [
        'from_to' => ':from to :to',
        'none' => 'none',
        'sum_dry' => 'No water change. :minutes, until :until if you start now.',
        'sum' => 'Drain :out in all. :minutes, until :until if you start now.',
        'none_chosen' => 'Choose a tank.',
        'tonight' => 'Tonight', 'today' => 'Today', 'nothing_to_do' => 'Nothing to do', 'you_need_a' => 'You need a tank and a source water first.', 'add_a_tank' => 'Add a tank',
        'add_a_source' => 'Add a source water', 'in_this_order' => 'In this order', 'why' => 'Why', 'drain' => 'Drain', 'takes' => 'Takes', 'when' => 'When',
        'water_for_tonight' => 'Water for tonight', 'water' => 'Water', 'needed' => 'Needed', 'for' => 'For', 'in_the_reservoir' => 'In the reservoir', 'no_reservoir' => 'no reservoir',
        'the_most_urgent' => 'The most urgent comes first. Minutes are what the steps took at each tank so far, otherwise the usual ones, plus :what between two tanks: rinse hose, net and hands so that nothing is carried over. Do a tank with sick animals last, with its own gear.',
    ],
];
