<?php

declare(strict_types=1);

return [
    'unknown' => ['head' => 'Rejection is not known yet.', 'why' => 'Read the conductivity before and after the membrane, once the first minutes have run off.'],
    'due' => ['head' => 'The membrane is due.', 'why' => 'It holds back :now; below :due it is changed, or the resin behind it wears out fast.'],
    'falls' => ['head' => 'The membrane is due around :day.', 'why' => 'It holds back :now, :points points a month less, by :readings.'],
    'steady' => ['head' => 'The membrane holds back :now.', 'why' => 'Steady, by :readings.'],
    'resin_due' => ['head' => 'The resin is due.', 'why' => 'In since :day; a year is its usual time. If it changes colour or the output rises above a few µS/cm, sooner.'],
    'resin' => ['head' => 'Resin until about :day.', 'why' => 'Sooner when it changes colour or the output rises above a few µS/cm.'],
    'moved' => ['rejection' => 'Flush it, look at the pre-filters and the pressure; both pens may have moved as well.', 'output' => 'Cold water gives less, about 3 % for each degree. Else look at the pre-filters, the pressure and the shut-off before the membrane.'],
    'full' => 'full',
    'full_in' => 'full in :time of running; :drained go down the drain',
    'evening' => ['enough' => ':there there, enough', 'short' => ':there there, :missing short: made :when, if the unit runs from now on', 'most' => 'Between nothing and :most.', 'now' => 'now', 'in' => ':when, in :minutes'],
    'name' => 'A name is needed, such as “Cellar barrel”.',
];
