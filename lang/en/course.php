<?php

declare(strict_types=1);

return [
    'title' => 'Charts of :tank',
    'gas' => 'CO₂', 'gas_said' => 'CO₂ by pH and KH: known on :count days, from :from to :to mg/L. From :harms mg/L on it harms animals.',
    'growth' => 'Growth a day', 'growth_said' => 'Growth: plants measured on :count days, :most a day at most.', 'film' => 'Algae film on the glass', 'film_said' => 'Algae film: found :count times, much of it :much times.',
    'light' => 'Photoperiod',
    'doses' => 'Doses',
    'top_offs' => 'Top-offs',
    'said' => ':what, :count tests: from :from to :to, between :low and :high.',
    'light_said' => 'Lights set to :set hours; :count days logged otherwise.',
    'doses_said' => ':count doses, :missed of them missed.',
    'top_ups_said' => ':count top-offs, the largest :most.',
    'empty' => 'Nothing was tested, dosed or done in these days.',
    'span' => '{28} four weeks|{91} three months|{182} half a year|{365} a year|[366,*] three years',
    'moves' => ['earlier' => 'Earlier', 'later' => 'Later', 'closer' => 'Zoom in', 'wider' => 'Zoom out'],
    'pick' => 'What to show',
    'show' => 'Show',
    'marks' => 'What happened',
    'window' => 'Shaded: where Cresco looked for “:sign”.',
    'key' => 'Green: the target range. Bars: where 8 of 10 such tests lie. Point at a chart, or use the arrow keys, to read a value. Thin upright lines: events in the list.',
    'svg' => 'As a drawing',
    'csv' => 'As CSV',
    'link' => 'On the charts',
    'until' => ':span until :day',
];
