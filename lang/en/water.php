<?php

declare(strict_types=1);

return [
    'replaced' => 'It took the place of the run sheet for :day, written :at and not begun.', 'no_day' => 'no day',
    'photos_stay' => '{1} A photo taken for that stays with the tank.|[2,*] The :count photos taken for that stay with the tank.',
    'wanted' => ['tub' => 'a tub of tank water', 'rinsing' => 'rinsing the media', 'inspection' => 'a bucket to look through'],
    'buckets' => ':count × :bucket by bucket; filled to three quarters that is :trips of about :weight.',
    'trips' => '{0} no trip|{1} one trip|[2,*] :count trips',
    'each' => ':weight each',
    'peroxide' => ':most (:little with shrimp, fry, mosses or fine leaves)',
];
