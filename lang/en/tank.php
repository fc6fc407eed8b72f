<?php

declare(strict_types=1);

return [
    'net' => ':litres ± :half net',
    'bed' => ':back at the back, :front in front, :water of it water between the grains',
    'drawing' => [
        'of' => ':tank, :length × :height, water :water below the rim', 'mark' => 'drain mark :mark below the rim', 'from' => ':device: from −:top', 'bare' => 'bare by :by: :then', 'covered' => 'stays covered by :by',
        'fish' => 'fish stand in :depth', 'need' => 'they need :needed', 'too_little' => 'too little: they need :needed',
    ],
];
