<?php

declare(strict_types=1);

return [
    'conditioner' => 'Untreated tap water went in. Add :dose, for the whole tank.',
    'act' => ['conditioner' => 'Added',
        'go_on' => 'Continue', 'how_much' => 'How much to change', 'look_in' => 'Look', 'read' => 'Test', 'plan' => 'Plan the change', 'sheet' => 'Open the checklist', 'session' => 'Plan maintenance', 'begin' => 'Start', 'look_over' => 'Check', 'moved' => 'What changed?',
    ],
    'after' => 'After the checklist of :day: :what',
    'calm' => ':tanks: nothing to do today.', 'tonight' => 'Tonight', 'tonight_open' => 'Tonight’s order', 'at_home' => 'At home', 'new_tank' => 'Add a tank',
    'tonight_none' => 'Nothing to put in order.', 'tonight_sum' => ':minutes, until :until if you begin now.',
    'empty' => ['head' => 'No tank yet', 'text' => 'From the outer sizes, the substrate and the stones Cresco computes what your tank holds. From then on every litre has a mark on the glass.'],
    'unread' => ['head' => 'Not tested yet', 'why' => 'Test the water once and Cresco can work out your first water change.'],
    'first' => ['head' => 'First water change', 'why' => 'No water change is in the log yet.'],
    'again' => ['head' => 'Test again today', 'why' => 'You changed water on :day. Test now to check the forecast.'],
    'usual' => 'Usually :share :every.',
    'due' => 'Due again: :jobs',
    'nothing' => 'Nothing due',
    'off' => 'Still off: :devices',
    'open' => 'Checklist open', 'open_at' => 'Checklist open, :step.', 'open_why' => ':step, nothing is switched off.',
    'planned' => [
        'why' => 'The checklist is ready.', 'ago' => '[2,*] Planned :count days ago',
        'in' => '{-1} Planned for yesterday|{0} Planned for today|{1} Planned for tomorrow|[2,*] Planned for :day, in :count days',
    ],
    'page' => [
        'today' => 'Today', 'calibrated' => 'Calibrated', 'meter' => ':what meter',
    ],
];
