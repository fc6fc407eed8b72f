<?php

declare(strict_types=1);

return [
    'next' => '{1} Next: patch :patches.|[0,*] Next: patches :patches.', 'trace' => 'less than 0.001 mg/L',
    'stirred' => 'Stirred up, about :total mg/L total ammonia nitrogen, :free of it free; the alarm is at :alarm. Turned into nitrate it takes :oxygen mg/L of oxygen: let the surface move.',
    'none' => ['head' => 'None today.', 'why' => 'Either the bed is left alone at this tank, or stirring any patch would bring too much free ammonia at this pH: change water first, and clean little at a time.'],
];
