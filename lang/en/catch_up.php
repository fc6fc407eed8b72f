<?php

declare(strict_types=1);

return [
    'head' => '{1} One day without a change; usually every :every.|[2,*] :count days without a change; usually every :every.', 'fine' => 'Nothing here is so overdue that it needs a way of its own.', 'level' => 'All is level again :day, in :sessions.',
    'none' => 'No change of this tank is written down yet.',
    'sessions' => '{1} one session|[2,*] :count sessions', 'read_first' => 'Read ammonium, nitrite, KH and pH first: if KH is under 1 or ammonium is there, change less.', 'read_again' => 'Read nitrate and pH before you begin.',
    'change' => 'Change :share of the water:after.', 'after' => ', to about :nitrate of nitrate', 'bed' => 'Vacuum :share of the bed, where it was left longest.', 'stands' => '{1} Cut one stand, and no more.|[2,*] Cut :count stands, and no more.',
    'media' => 'Rinse half of the filter media in tank water. No bed today.', 'floss' => 'New floss and the panes go with any of them.', 'rules' => 'Never media, bed and a large change on one day. Whatever is read worse than before: stop, and read again the next day.',
    'steps' => 'Step by step',
    'act' => 'The way back', 'why' => 'So long without a change that all at once would be too much.',
];
