<?php

declare(strict_types=1);

return [
    'ions' => ['head' => 'Its ions are not known.', 'why' => 'Read its GH and KH, or write an analysis down: the utility publishes one, or gives it when asked. Until then it counts as pure water on the bench.'],
    'odd' => [
        'head' => 'The figures do not agree.', 'charges' => 'Cations and anions miss each other by :off %; a good analysis stays within :good %.',
        'higher' => 'The ions give a conductivity :off % higher than what was read.', 'lower' => 'The ions give a conductivity :off % lower than what was read.',
        'look' => 'Look for a slip of the pen, another unit (nitrate as N, hardness as CaCO₃), or yearly means of different samples.',
    ],
    'agree' => ['head' => 'The figures agree.', 'alone' => 'Charges as given within :charges %; no conductivity to hold them against.', 'both' => 'Charges as given within :charges %, conductivity within :conductivity %.'],
    'assumed' => 'Assumed:',
    'minerals' => 'Work them out on the bench for these litres: minerals straight in, the buffer first.',
    'replaced' => 'It took the place of the checklist for :day, written :at and not begun.', 'no_day' => 'no day',
    'photos_stay' => '{1} A photo taken for that stays with the tank.|[2,*] The :count photos taken for that stay with the tank.',
    'wanted' => ['tub' => 'a tub of tank water', 'rinsing' => 'rinsing the media', 'inspection' => 'a bucket to look through'],
    'buckets' => ':count × :bucket by bucket; filled to three quarters that is :trips of about :weight.',
    'trips' => '{0} no trip|{1} one trip|[2,*] :count trips',
    'each' => ':weight each',
    'peroxide' => ':most (:little with shrimp, fry, mosses or fine leaves)',
];
