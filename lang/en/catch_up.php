<?php

declare(strict_types=1);

return [
    'head' => '{1} One day without a water change; usually every :every.|[2,*] :count days without a water change; usually every :every.', 'fine' => 'Nothing here is so overdue that it needs a catch-up plan.', 'level' => 'Caught up :day, in :sessions.',
    'none' => 'No water change of this tank is in the log yet.',
    'sessions' => '{1} one session|[2,*] :count sessions', 'read_first' => 'Test ammonia, nitrite, KH and pH first: if KH is below 1 or ammonia shows, change less.', 'read_again' => 'Test nitrate and pH before you start.',
    'change' => 'Change :share of the water:after.', 'after' => ', to about :nitrate of nitrate', 'bed' => 'Gravel-vac :share of the substrate, the zones you left longest.', 'stands' => '{1} Trim one plant group, and no more.|[2,*] Trim :count plant groups, and no more.',
    'media' => 'Rinse half of the filter media in tank water. No gravel vac today.', 'floss' => 'New floss and clean glass fit into any of them.', 'rules' => 'Never filter media, substrate and a large water change on one day. If a test is worse than before: stop, and test again the next day.',
    'steps' => 'Step by step',
    'act' => 'Catch-up plan', 'why' => 'After so long, one large change would be too much.',
    'page' => [
        'title' => 'Catch-up plan for :tank',
        'catching_up' => 'Catching up', 'plan_a_water' => 'Plan a water change', 'of_the_water' => 'of the water change of :what', 'test_now' => 'Test now',
        'plan_this_session' => 'Plan this session', 'of' => 'of :what',
    ],
];
