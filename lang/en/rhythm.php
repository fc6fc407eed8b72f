<?php

declare(strict_types=1);

return [
    'first' => 'first change',
    'today' => 'change due today',
    'tomorrow' => 'change due tomorrow',
    'yesterday' => 'change due yesterday',
    'late' => '{1} change one day late|[2,*] change :count days late',
    'ahead' => '{1} change in one day|[2,*] change in :count days',
];
