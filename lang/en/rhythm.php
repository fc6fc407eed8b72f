<?php

declare(strict_types=1);

return [
    'stop' => ['look' => 'Overview', 'plants' => 'Plants', 'food' => 'Fertilising', 'change' => 'Water change', 'log' => 'Log'],
    'tab' => ['unread' => 'not tested yet', 'read' => 'tested :day', 'look' => 'the tank now', 'food' => 'doses', 'first' => 'the first', 'today' => 'due today', 'late' => '{1} a day late|[2,*] :count days late', 'ahead' => '{1} tomorrow|[2,*] in :count days'],
    'first' => 'first change',
    'today' => 'change due today',
    'tomorrow' => 'change due tomorrow',
    'yesterday' => 'change due yesterday',
    'late' => '{1} change one day late|[2,*] change :count days late',
    'ahead' => '{1} change in one day|[2,*] change in :count days',
    'stands' => '{0} none drawn|{1} one stand|[2,*] :count stands',
    'every' => '{1} every day|[2,*] every :count days',
    'readings' => '{1} one reading|[2,*] :count readings',
];
