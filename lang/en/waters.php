<?php

declare(strict_types=1);

return [
    'disinfectant' => [
        'ask' => 'Disinfectant in tap water', 'unknown' => 'not known: treat it as chlorine', 'chlorine' => 'chlorine', 'chloramine' => 'chloramine', 'none' => 'none, such as from a well',
    ],
];
