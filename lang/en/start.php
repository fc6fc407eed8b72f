<?php

declare(strict_types=1);

return [
    'way' => ['dark' => 'Dark: filled, no light, no plants yet', 'planted' => 'Planted from the first day', 'bare' => 'Lit, with stone and wood and no plants', 'fish' => 'With a few hardy fish from the first day', 'seeded' => 'With a filter that ran elsewhere'],
    'source' => ['little' => 'nothing is added', 'food' => 'a pinch of food every other day', 'soil' => 'active soil that gives ammonium', 'fish' => 'a few fish, fed sparingly', 'dosed' => 'ammonia is dosed'],
    'ready' => [
        'not_read' => 'Nothing was read yet. Ammonium and nitrite, together, say where it stands.', 'not_clear' => 'Not ready: ammonium or nitrite is there.', 'once' => 'Clear once. Clear again a day later, and it is ready.',
        'too_early' => 'Clear, but bacteria have hardly had work yet: it says little before the third week.', 'twice' => 'Ready: clear twice, a day or more apart.', 'dose_gone' => 'Ready: a dose of ammonia was gone within a day, with no nitrite.',
    ],
    'peak' => 'Nitrite should peak around day :day (:low to :high); today is day :now.', 'peaked' => 'Nitrite has peaked, about day :day.', 'gone' => 'Both should be gone between day :low and :high, most likely :on.',
    'beyond' => 'Both will not be gone before day :day.', 'never' => 'Plants and a low source: nitrite may never be seen.', 'first' => 'Let the first in a few at a time, and read ammonium and nitrite daily for the first week.',
    'buffer' => 'Each mg of ammonia takes hardness of carbonate: without a change or bicarbonate KH falls under 1 by :day, and bacteria stand still.',
    'weeks' => '{0} week :from|[1,*] weeks :from to :until', 'from_week' => 'from week :week',
    'phase' => [
        'filling' => 'Filled, heated, filter on, lamp off and the panes covered.', 'waiting' => 'Bacteria grow. No light, no plants; read twice a week. Food or soil gives them what they live on.', 'last_change' => 'Once ready: nearly all water is changed before planting.',
        'planting' => 'Plant densely. Floating and fast stems take what would be ammonia.', 'melting' => 'Leaves grown above water die back: take them out, leave the roots.', 'diatoms' => 'Brown film is likely. It goes by itself; the first grazers eat it.',
        'grazers' => 'First grazers, once the readings are clear and film has grown.', 'fish' => 'First fish, once the readings are clear twice. A third of what shall live there, then two weeks of waiting.', 'settled' => 'Settled: rhythm by what the diary teaches.',
        'bare' => 'Bacteria grow on stone, in the bed and in the filter. Food or a dose of ammonia is what they live on; read twice a week.',
        'few' => 'A few hardy fish live in it and get a pinch every other day. Read ammonium and nitrite daily; where one of them shows, change half of the water at once.',
        'seeding' => 'Filter over wet, within the hour, and never rinsed in tap water. Feed it from the first day.', 'watching' => 'Read daily: a filter that came over well shows hardly anything.',
    ],
    'next' => [
        'plant' => 'Change :share of the water, then plant and switch the lamp on.', 'animals' => 'The first animals may come.', 'too_much' => 'More ammonium than bacteria like: change half of the water.', 'change' => 'Change :share of the water today.',
        'no_dose' => 'Animals live here: dose no ammonia, it burns their gills. What they are fed gives bacteria what they live on. Read ammonium and nitrite daily.',
        'dose' => 'Dose ammonia to :level mg/L of nitrogen: :grams g of ammonium chloride for these :litres. Note it below.',
        'read' => 'Read ammonium and nitrite today.', 'wait' => 'Nothing today. Read again :day.', 'wait_head' => 'Nothing today',
    ],
    'round' => 'Start-up, day :day', 'act' => 'How it stands',
    'ask_hardness' => 'Test the GH of this tank: who may come first depends on it.',
    'kept' => 'Kept.', 'ended' => 'The start-up is no longer followed.', 'dosed' => 'Noted.', 'schools' => 'How much young soil is changed differs: half daily in the first week, then less, keeps ammonium low for plants; a third a week leaves bacteria what they live on.',
    'model' => 'A guess by the two steps of nitrification, at :factor of the usual growth for this warmth and pH, moved by your readings: source × :source, growth × :pace, first bacteria × :first.',
    'dose_between' => 'mg/L of nitrogen from :least to :most.',
];
