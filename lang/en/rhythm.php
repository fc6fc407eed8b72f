<?php

declare(strict_types=1);

return [
    'stop' => ['look' => 'Overview', 'plants' => 'Plants', 'food' => 'Fertilising', 'change' => 'Water change', 'log' => 'Log'],
    'tab' => ['unread' => 'not tested yet', 'read' => 'tested :day', 'look' => 'the tank now', 'food' => 'doses', 'first' => 'the first', 'today' => 'due today', 'late' => '{1} a day late|[2,*] :count days late', 'ahead' => '{1} tomorrow|[2,*] in :count days'],
    'first' => 'first water change',
    'today' => 'water change due today',
    'tomorrow' => 'water change due tomorrow',
    'yesterday' => 'water change due yesterday',
    'late' => '{1} water change one day late|[2,*] water change :count days late',
    'ahead' => '{1} water change in one day|[2,*] water change in :count days',
    'stands' => '{0} none yet|{1} one group|[2,*] :count groups',
    'every' => '{1} every day|[2,*] every :count days',
    'readings' => '{1} one test|[2,*] :count tests',
];
