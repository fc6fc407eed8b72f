<?php

declare(strict_types=1);

return [
    'conditioner' => 'Tap water went in untreated. Put in :dose, for the whole tank.',
    'act' => ['conditioner' => 'It is in',
        'go_on' => 'Go on', 'how_much' => 'How much to change', 'look_in' => 'Look in', 'read' => 'Test', 'plan' => 'Plan the change', 'sheet' => 'Open the checklist', 'session' => 'Plan the session', 'begin' => 'Begin', 'look_over' => 'Look it over', 'moved' => 'What changed?',
    ],
    'after' => 'After the session of :day: :what',
    'calm' => ':tanks: nothing to do today.', 'tonight' => 'Tonight', 'tonight_open' => 'Open the order of tonight', 'at_home' => 'At home', 'new_tank' => 'Add a tank',
    'tonight_none' => 'Nothing to put in order.', 'tonight_sum' => ':minutes, until :until if you begin now.',
    'empty' => ['head' => 'No tank yet', 'text' => 'From the outer sizes, the substrate and the stones Cresco computes what your tank holds. From then on every litre has a mark on the glass.'],
    'unread' => ['head' => 'Not read yet', 'why' => 'A first set of readings lets Cresco size and forecast a change.'],
    'first' => ['head' => 'First change', 'why' => 'No change has been recorded yet.'],
    'again' => ['head' => 'Read again today', 'why' => 'The change of :day was forecast; now it can be held to it.'],
    'usual' => 'Usually :share :every.',
    'due' => 'Due again: :jobs',
    'nothing' => 'Nothing due',
    'off' => 'Still off: :devices',
    'open' => 'Checklist open', 'open_at' => 'Checklist open, :step.', 'open_why' => ':step, nothing is switched off.',
    'planned' => [
        'why' => 'The checklist is written.', 'ago' => '[2,*] Planned :count days ago',
        'in' => '{-1} Planned for yesterday|{0} Planned for today|{1} Planned for tomorrow|[2,*] Planned for :day, in :count days',
    ],
];
