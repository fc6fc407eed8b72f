<?php

declare(strict_types=1);

return [
    'stocks' => [
        'none' => 'no animals, or only snails', 'shrimp' => 'shrimp, fed a little', 'few' => 'few small fish, fed once a day', 'usual' => 'an average shoal or two',
        'many' => 'many fish, fed twice a day', 'heavy' => 'large or very many fish',
    ],
    'started' => 'Filled with water on', 'started_help' => 'empty if you don’t know: Cresco is then more careful', 'started_fault' => 'A day up to today, like 2026-03-01.',
    'water' => ['now' => 'Water now', 'tested' => 'tested :day', 'drops' => 'tested :day: :typed by drops is :low to :high', 'changed' => 'forecast, changed :day', 'since' => 'since :day', 'untested' => 'Not tested: :what.', 'all' => 'All charts'],
    'more' => 'More about this tank', 'stands' => '{0} no plants drawn|{1} one plant group|[2,*] :count plant groups', 'measures' => 'Measures',
    'bed' => ':back at the back, :front in front, :water of water between the grains',
    'litres' => ':litres net',
    'fact' => [
        'glass' => ':size, glass :glass', 'waterline' => 'Waterline', 'below' => ':level below the rim', 'surface' => 'Surface', 'inch' => 'One inch', 'centimetre' => 'One centimetre', 'at_surface' => ':litres at the surface',
        'bed' => 'Substrate', 'hardscape' => 'Hardscape', 'stone' => ':weight rock', 'wood' => ':weight wood',
    ],
    'drawing' => [
        'of' => ':tank, :length × :height, water :water below the rim', 'mark' => 'drain mark :mark below the rim', 'from' => ':device: from −:top', 'bare' => 'out of water by :by: :then', 'covered' => 'stays :by under water',
        'fish' => 'fish have :depth', 'need' => 'they need :needed', 'too_little' => 'too shallow: they need :needed',
    ],
    'drawn' => [
        'net' => ':litres net', 'glass_holds_to' => 'glass holds :litres to the line', 'not_a_complete' => 'Not a complete tank yet.',
    ],
    'form' => [
        'depth' => 'Depth', 'depth_at_sides' => 'Depth at the sides',
        'ends' => ['top' => 'upper end, below the rim', 'bottom' => 'lower end, below the rim', 'across' => 'percent from the left'],
        'mark_in' => 'litres in so far',
        'mark_below' => 'below the rim',
        'set_up' => 'Add this tank',
        'switched' => 'on the switch list',
        'usual' => 'empty: the default for this livestock',
        'nearest' => 'the closest to the targets',
        'undecided' => 'not decided yet',
        'unblended' => 'nothing',
        'title' => 'Tank setup of :name',
        'new' => 'Add a tank',
        'tank' => 'Tank', 'what_you_call' => 'What you call it.', 'shape' => 'Shape', 'length_edge_or' => 'Length, edge or diameter', 'depth_box_bow' => 'Depth (box, bow: at the sides)',
        'depth_in_the' => 'Depth in the middle (bow)', 'height_not_for' => 'Height (not for a cube)', 'glass' => 'Glass', 'waterline_below_the' => 'Waterline below the rim',
        'outside_measures' => 'Outside measures.', 'litres_up_to' => 'Litres up to each mark',
        'pour_in_a' => 'Pour in a known amount, let the water settle, and enter how far below the rim it is and how much is in so far; the last mark at the waterline. With substrate, rock and wood in place they are included.',
        'water_below_the' => 'Water below the rim', 'litres_in_so' => 'Litres in so far', 'mark' => 'Mark :what: :what_too', 'substrate_rock_and' => 'Substrate, rock and wood',
        'effect_on_the' => 'Effect on the water', 'how_much_a' => 'How much a day is an estimate until your KH, GH and conductivity tests tell.',
        'substrate_at_the' => 'Substrate at the back', 'substrate_in_front' => 'Substrate in front', 'water_in_the' => 'Water in the substrate',
        'sand_40_gravel' => 'sand 40, gravel 42, soil 50 (estimates)', 'rock' => 'Rock', 'wood_soaked' => 'Wood, soaked', 'height_above_the' => 'height above the bottom',
        'litres_counted_while' => 'Litres counted while filling', 'if_you_counted' => 'if you counted', 'text' => '±', 'livestock_and_routine' => 'Livestock and routine',
        'livestock' => 'Livestock', 'sets_the_default' => 'Sets the default targets and the max. change per day.', 'stocking' => 'Stocking',
        'cresco_estimates_the' => 'Cresco estimates the daily nitrate rise from this; your tests correct it.', 'body_height_of' => 'Body height of the largest fish',
        'heater_set_to' => 'Heater set to', 'ph_controller_set' => 'pH controller set to', 'empty_without_one' => 'empty without one',
        'daily_nitrate_rise' => 'Daily nitrate rise, your estimate', 'combined_with_your' => 'combined with your tests', 'usual_water_change' => 'Usual water change', 'every' => 'every',
        'usual_source_water' => 'Usual source water', 'blended_with' => 'blended with', 'share_of_that' => 'share of that', 'equipment' => 'Equipment', 'in_this_tank' => 'In this tank',
        'upper_end' => 'upper end', 'lower_end' => 'lower end', 'from_the_left' => 'from the left',
        'ends_below_the' => 'Ends below the rim, in :what. Checklists list everything that must be off before the level drops.', 'delete_this_tank' => 'Delete this tank',
        'this_deletes_the' => 'This deletes the tank with its log, tests and checklists. Download the results as CSV first if you may want them.', 'delete' => 'Delete :tank',
    ],
    'show' => [
        'light_and_co' => 'Light and CO₂', 'livestock_and_new' => 'Livestock and new arrivals', 'targets' => 'Targets', 'tank_setup' => 'Tank setup', 'charts' => 'Charts',
        'photos' => 'Photos', 'top_off' => 'Top-off', 'gravel_vac_zones' => 'Gravel-vac zones', 'dechlorinator' => 'Dechlorinator', 'lower_kh' => 'Lower KH',
        'hose_and_heat' => 'Hose and heat', 'cycling' => 'Cycling', 'catch_up_plan' => 'Catch-up plan', 'plan_from_above' => 'Plan from above, front glass below',
        'from_above_front' => 'from above, front below', 'levels_from_the' => 'Levels, from the rim down', 'below_the_rim' => 'Below the rim', 'what' => 'What',
        'litres_drained_by' => 'Litres drained by then', 'save_the_drawing' => 'Save the drawing',
    ],
];
