<?php

declare(strict_types=1);

return [
    'title' => 'Course of :tank',
    'gas' => 'CO₂', 'gas_said' => 'Carbon dioxide by pH and KH: :count days on which it was found, from :from to :to mg/L. From :harms mg/L on it harms animals.',
    'growth' => 'Growth a day', 'growth_said' => 'Growth: :count days on which stands were measured, :most a day at most.', 'film' => 'Film on the panes', 'film_said' => 'Film: found :count times, much of it :much times.',
    'light' => 'Light',
    'doses' => 'Doses',
    'top_ups' => 'Top-ups',
    'said' => ':what, :count readings: from :from to :to, between :low and :high.',
    'light_said' => 'Lamps set to :set hours; :count days noted otherwise.',
    'doses_said' => ':count doses, :missed of them left out.',
    'top_ups_said' => ':count top-ups, the largest :most.',
    'empty' => 'Nothing was read, given or done in these days.',
    'span' => '{28} four weeks|{91} three months|{182} half a year|{365} a year|[366,*] three years',
    'moves' => ['earlier' => 'Earlier', 'later' => 'Later', 'closer' => 'Closer', 'wider' => 'Wider'],
    'pick' => 'Series',
    'show' => 'Show',
    'marks' => 'What happened',
    'window' => 'Shaded: where “:sign” was looked for.',
    'key' => 'Green: the target range. Bars: where 8 of 10 such tests lie. Point at a chart, or use the arrow keys, to read a value. Thin upright lines: what stands in the list.',
    'svg' => 'As a drawing',
    'csv' => 'As CSV',
    'link' => 'On the course',
    'until' => ':span until :day',
];
