<?php

declare(strict_types=1);

return [
    'page' => [
        'all' => 'All source waters', 'ions' => 'What is in it', 'ion' => 'Ion', 'from' => 'Where from', 'given' => 'analysis', 'estimated' => 'estimate',
        'conduct' => 'These ions give a conductivity of :ions.', 'conduct_tested' => 'These ions give a conductivity of :ions; your test shows :tested.', 'analysis' => 'Analysis of :day',
        'add' => 'Add a water report', 'add_why' => 'Enter what the report lists. The rest is estimated from hardness, charges and conductivity, and marked as an estimate.',
        'hardness' => 'Hardness (GH)', 'alkalinity' => 'Alkalinity (KH)', 'conductivity' => 'Conductivity', 'sampled' => 'Sampled on', 'note' => 'Note', 'save' => 'Save the report',
    ],
    'ions' => ['head' => 'Nothing is known about its ions.', 'why' => 'Test its GH and KH, or add a water report: your utility publishes one or sends it when asked. Until then Mix water treats it as pure water.'],
    'odd' => [
        'head' => 'These values do not fit together.', 'charges' => 'Positive and negative charges differ by :off %; in a good analysis they agree within :good %.',
        'higher' => 'The ions give a conductivity :off % higher than your test shows.', 'lower' => 'The ions give a conductivity :off % lower than your test shows.',
        'look' => 'Look for a typing error, another unit (nitrate as N, hardness as CaCO₃), or yearly averages of different samples.',
    ],
    'agree' => ['head' => 'These values fit together.', 'alone' => 'Charges agree within :charges %. There is no conductivity test to compare with.', 'both' => 'Charges agree within :charges %, conductivity within :conductivity %.'],
    'assumed' => 'Estimate:',
    'minerals' => 'Work them out on Mix water for these litres: minerals go straight in, the buffer first.',
    'replaced' => 'It replaces the checklist for :day, made :at and not started.', 'no_day' => 'no day',
    'photos_stay' => '{1} A photo taken for that stays with the tank.|[2,*] The :count photos taken for that stay with the tank.',
    'wanted' => ['tub' => 'a tub of tank water', 'rinsing' => 'rinsing the media', 'inspection' => 'a bucket to look through'],
    'buckets' => ':count × :bucket by bucket; filled to three quarters that is :trips of about :weight.',
    'trips' => '{0} no trip|{1} one trip|[2,*] :count trips',
    'each' => ':weight each',
    'peroxide' => ':most (:little with shrimp, fry, mosses or fine leaves)',
    'form' => [
        'then_test' => 'Save, then test it',
        'title' => 'Edit :name',
        'new' => 'Add a source water',
        'kind' => 'Kind', 'delete_this_source' => 'Delete this source water', 'its_tests_are' => 'Its tests are deleted too; past water changes keep its values.',
        'delete' => 'Delete :name',
    ],
    'index' => [
        'untested' => 'not tested yet',
        'source_waters' => 'Source waters', 'tested' => 'tested :day', 'no_source_water' => 'No source water yet',
        'tap_rain_ro' => 'Tap, rain, RO: what goes in decides what a water change can do.', 'add_a_source' => 'Add a source water', 'ro_reservoirs' => 'RO reservoirs',
        'add_an_ro' => 'Add an RO reservoir', 'of' => ':litres of :litres_too', 'open' => 'Open',
    ],
];
