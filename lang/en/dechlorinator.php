<?php

declare(strict_types=1);

return [
    'page' => [
        'title' => 'Dechlorinator for :tank',
        'dechlorinator_for' => 'Dechlorinator for :tank', 'the_water' => 'The water', 'new_water' => 'new water', 'total_chlorine_in' => 'total chlorine in tap water',
        'your_utility_uses' => 'your utility uses', 'chlorine' => 'chlorine', 'chloramine' => 'chloramine', 'you_fill' => 'you fill',
        'treated_water_dose' => 'treated water: dose for the new water', 'straight_from_the' => 'straight from the tap: dose for all :what', 'the_label' => 'The label',
        'label_dose' => 'label dose', 'treats' => 'treats', 'removes_chlorine_up' => 'removes chlorine up to', 'already_added' => 'already added',
    ],
];
