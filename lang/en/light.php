<?php

declare(strict_types=1);

return [
    'picture' => 'PAR at full light, µmol/m²s: the darker the water, the less of it.',
    'table' => 'As a table, and how sure', 'caption' => 'PAR at full light, µmol/m²s', 'none' => 'Add your light, and Cresco computes the PAR that reaches each plant.',
    'needs' => [
        'caption' => 'PAR at the top of each plant group', 'plant' => 'Plant group', 'gets' => 'gets', 'asks' => 'needs', 'verdict' => 'Verdict',
        'from' => 'from :least', 'between' => ':least to :most', 'dark' => 'too dark', 'bright' => 'too bright', 'right' => 'in range',
    ],
    'band' => 'PAR at any spot is within × or ÷ :factor with 80 % certainty.',
    'moved' => '{1} One PAR test shifts all of it by a factor of :factor.|[2,*] :count PAR tests shift all of it by a factor of :factor.',
    'given' => '{1} Photoperiod of the last two weeks: :hours h a day on average, :set h as set, one day logged otherwise. Halfway down that is :dose mol/m² a day.|[2,*] Photoperiod of the last two weeks: :hours h a day on average, :set h as set, :count days logged otherwise. Halfway down that is :dose mol/m² a day.',
    'with_gas' => 'Empty: :usual, as with CO₂ from a bottle. A green drop checker means about 30, as it should be; yellow is too much.',
    'without_gas' => 'Empty: :usual, as without CO₂. KH and pH tell better.',
    'lamp' => ':kind: :flux µmol/s as dimmed, :share of it reaches the water, :hours h at full light.',
    'reading' => ':light µmol/m²s on :day, :depth down, :across from the left, :front from the front.',
];
