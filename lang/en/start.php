<?php

declare(strict_types=1);

return [
    'page' => [
        'title' => 'Cycling :tank', 'day' => 'Day :day, week :week.', 'dose' => 'Ammonia dosed today', 'dosed' => 'Log the dose',
        'burns' => 'Ammonia burns eyes and skin: wear gloves and glasses, and keep it away from chlorine bleach.',
        'band' => 'Line: what is expected. Band: 8 of 10 tanks cycle within it. Dots: your tests.', 'how' => 'How is this estimated?', 'weeks' => 'Week by week',
        'first' => 'Who can move in first, once it is cycled', 'one_of' => 'Choose one of these: it is as much as the filter has shown that it can handle. Add the rest two weeks later, a third at a time.',
        'empty' => 'Cycling grows the bacteria that turn ammonia into nitrate. Say how you do it, and Cresco tells you what to do each day and when animals can move in.',
        'set_up' => 'How do you cycle it?', 'method' => 'Method', 'source' => 'Where the ammonia comes from', 'filled' => 'Filled on', 'plenty' => 'Change much water while the soil is new',
        'begin' => 'Start', 'stop' => 'Stop following it',
    ],
    'chart' => '{0} :what: what is expected; not tested yet.|{1} :what: what is expected, and one test.|[2,*] :what: what is expected, and :count tests.',
    'way' => ['dark' => 'Dark: filled, no light, no plants yet', 'planted' => 'Planted from the first day', 'bare' => 'Light on, rock and wood, no plants', 'fish' => 'Fish-in: a few hardy fish from the first day', 'seeded' => 'Seeded: with a filter from another tank'],
    'source' => ['little' => 'nothing is added', 'food' => 'a pinch of fish food every other day', 'soil' => 'active soil that releases ammonia', 'fish' => 'a few fish, fed sparingly', 'dosed' => 'I dose ammonia'],
    'ready' => [
        'not_read' => 'Not tested yet. Test ammonia and nitrite together to see where it is.', 'not_clear' => 'Not cycled: the tests show ammonia or nitrite.', 'once' => 'Both tests were clear once. If they are clear again tomorrow or later, it is cycled.',
        'too_early' => 'Both tests are clear, but it is too early to trust that: before week three there was little to work on.', 'twice' => 'Cycled: both tests were clear twice, at least a day apart.', 'dose_gone' => 'Cycled: a dose of ammonia was gone within a day and left no nitrite.',
    ],
    'peak' => 'Nitrite should peak around day :day (between :low and :high); today is day :now.', 'peaked' => 'Nitrite peaked around day :day.', 'gone' => 'Ammonia and nitrite should both be gone between day :low and :high, most likely :on.',
    'beyond' => 'Ammonia and nitrite will not both be gone before day :day.', 'never' => 'With plants and little ammonia you may never see nitrite.', 'first' => 'Add the first animals a few at a time, and test ammonia and nitrite daily for a week.',
    'buffer' => 'Nitrification uses up KH: without a water change or baking soda KH drops below 1 by :day, and the cycle stalls.',
    'weeks' => '{0} week :from|[1,*] weeks :from to :until', 'from_week' => 'from week :week',
    'phase' => [
        'filling' => 'Fill it, heat it, run the filter. Light off, glass covered.', 'waiting' => 'Bacteria grow. No light, no plants. Food or soil feeds them. Test twice a week.', 'last_change' => 'Once it is cycled: change nearly all the water, then plant.',
        'planting' => 'Plant densely. Floating and fast-growing plants take up ammonia.', 'melting' => 'Leaves grown above water melt: remove them, leave the roots.', 'diatoms' => 'Expect diatoms (a brown film). They go by themselves; the first grazers eat them.',
        'grazers' => 'First shrimp, snails or algae eaters, once both tests are clear and algae film has grown.', 'fish' => 'First fish, once both tests were clear twice: a third of those you want. Then wait two weeks.', 'settled' => 'Established. From here on your log sets the pace.',
        'bare' => 'Bacteria grow on rock, in the substrate and in the filter. Food or doses of ammonia feed them. Test twice a week.',
        'few' => 'A few hardy fish, a pinch of food every other day. Test ammonia and nitrite daily; if either shows, change half the water at once.',
        'seeding' => 'Move the filter over wet, within the hour, and never rinse it in tap water. Feed it from the first day.', 'watching' => 'Test daily: a filter that survived the move shows next to nothing.',
    ],
    'next' => [
        'plant' => 'Change :share of the water, then plant and switch the light on.', 'animals' => 'The first animals can move in.', 'too_much' => 'Too much ammonia for the bacteria: change half the water.', 'change' => 'Change :share of the water today.',
        'no_dose' => 'Animals live here: do not dose ammonia, it burns their gills. Their food feeds the bacteria. Test ammonia and nitrite daily.',
        'dose' => 'Dose ammonia to :level mg/L nitrogen: :grams g of ammonium chloride for :litres. Log it below.',
        'read' => 'Test ammonia and nitrite today.', 'wait' => 'Nothing to do today. Test again :day.', 'wait_head' => 'Nothing to do today',
    ],
    'round' => 'Cycling, day :day', 'act' => 'Cycle status',
    'ask_hardness' => 'Test this tank’s GH: it decides who can move in first.',
    'kept' => 'Saved.', 'ended' => 'Cresco no longer follows the cycling.', 'dosed' => 'Logged.',
    'schools' => 'Keepers differ on how much water to change while the soil is new: half a day in the first week, then less, keeps ammonia low for plants; a third a week leaves more for the bacteria.',
    'model' => 'A model of both steps of nitrification, at :factor of the usual growth for this temperature and pH, adjusted by your tests: ammonia source × :source, growth × :pace, bacteria at the start × :first.',
    'dose_between' => 'Between :least and :most mg/L nitrogen.',
];
