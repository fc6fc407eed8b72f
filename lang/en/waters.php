<?php

declare(strict_types=1);

return [
    'batch' => [
        'left' => 'Mixed :day: about :left of :litres left.', 'left_for' => 'Mixed :day for :tank: about :left of :litres left.',
        'age' => '{0} Made today.|{1} One day old.|[2,*] :count days old.', 'old' => 'Stir it, and test its conductivity before it goes in.',
    ],
    'disinfectant' => [
        'ask' => 'Disinfectant in tap water', 'unknown' => 'not known: treat it as chlorine', 'chlorine' => 'chlorine', 'chloramine' => 'chloramine', 'none' => 'none, such as from a well',
    ],
];
