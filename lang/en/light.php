<?php

declare(strict_types=1);

return [
    'picture' => 'PAR at full light, µmol/m²s: the darker the water, the less of it.',
    'table' => 'As a table, and how sure', 'caption' => 'PAR at full light, µmol/m²s', 'none' => 'Add your light, and Cresco computes the PAR that reaches each plant.',
    'needs' => [
        'caption' => 'PAR at the top of each plant group', 'plant' => 'Plant group', 'gets' => 'gets', 'asks' => 'needs', 'verdict' => 'Verdict',
        'from' => 'from :least', 'between' => ':least to :most', 'dark' => 'too dark', 'bright' => 'too bright', 'right' => 'in range',
    ],
    'band' => 'Eight of ten times it lies within a factor of :factor either way at a place.',
    'moved' => '{1} One reading moves all of it by a factor of :factor.|[2,*] :count readings move all of it by a factor of :factor.',
    'given' => '{1} Over two weeks :hours h a day were given, :set are set, one day was noted otherwise: :dose mol/m² a day halfway down.|[2,*] Over two weeks :hours h a day were given, :set are set, :count days were noted otherwise: :dose mol/m² a day halfway down.',
    'with_gas' => 'Empty: :usual, as with gas from a bottle. A drop checker that is green says about 30, as it should be; yellow is too much.',
    'without_gas' => 'Empty: :usual, as without gas. KH and pH tell better.',
    'lamp' => ':kind: :flux µmol/s as it is dimmed, :share of it meets the water, :hours h at full light.',
    'reading' => ':light µmol/m²s on :day, :depth down, :across from the left, :front from the front.',
];
