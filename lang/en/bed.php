<?php

declare(strict_types=1);

return [
    'how' => ':cover: :how.',
    'next' => '{1} Next: zone :patches.|[0,*] Next: zones :patches.', 'trace' => 'less than 0.001 mg/L',
    'stirred' => 'Vacuuming may release about :total mg/L total ammonia nitrogen, :free of it free ammonia; the alarm level is :alarm. Its breakdown takes :oxygen mg/L of oxygen: keep the surface moving.',
    'none' => ['head' => 'None today.', 'why' => 'Either you never vacuum this tank’s substrate, or stirring any zone would release too much free ammonia at this pH: change water first, and vacuum a little at a time.'],
    'page' => [
        'times' => '{1} once|[2,*] :count times',
        'title' => 'Gravel vac in :tank',
        'gravel_vac_in' => 'Gravel vac in :tank', 'plan_maintenance_with' => 'Plan maintenance with it',
        'divide_the_substrate_into' => 'Divide the substrate into zones of about an arm’s reach, and vacuum a few at a time, those you left longest first.',
        'divide_it_into' => 'Divide it into zones', 'plan_of_the' => 'Plan of the substrate, front glass below, :count zones; the list below has them all', 'front_glass' => 'front glass',
        'number_and_days' => 'Number, and days since you vacuumed it; denser lines mean longer; a heavy edge is next. Tap a zone when it is clean.', 'cleaned' => 'last vacuumed :day', 'never' => 'never vacuumed',
        'next' => 'next', 'vacuumed' => 'Vacuumed', 'zone' => 'zone :what', 'what_covers_zone' => 'What covers zone :what', 'split_in_two' => 'Split in two',
        'join_with' => 'Join with :what', 'divide_the_substrate' => 'Divide the substrate again', 'this_deletes_the' => 'This deletes the zones and their history.',
        'the_substrate_is' => 'The substrate is mostly', 'divide_again' => 'Divide again',
    ],
];
