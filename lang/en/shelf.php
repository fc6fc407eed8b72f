<?php

declare(strict_types=1);

return [
    'dose_units' => ['drop' => 'drop|drops', 'cap' => 'cap|caps', 'scoop' => 'scoop|scoops', 'teaspoon' => 'teaspoon|teaspoons', 'tablespoon' => 'tablespoon|tablespoons'],
    'measured_with' => 'measured in',
    'product' => 'Product', 'for_this_change' => 'for this change', 'of_for_this_change' => 'of :name for this change',
    'use' => 'Use :name from now on',
    'form' => [
        'kinds' => ['label' => 'remineralising product, by its label', 'conditioner' => 'dechlorinator (water conditioner)', 'acid' => 'acid of known strength', 'feed' => 'fertiliser'],
        'units' => ['g' => 'grams', 'mL' => 'millilitres'],
        'raises' => 'raises :what by',
        'title' => 'Edit :name',
        'new' => 'Add a product',
        'what_is_in' => 'What is in it', 'what_the_label' => 'What the label says', 'dose' => 'dose', 'in' => 'in', 'treats' => 'treats', 'raises_gh_by' => 'raises GH by',
        'raises_kh_by' => 'raises KH by', 'raises_conductivity_by' => 'raises conductivity by, if it says', 'ca_mg_if' => 'Ca:Mg, if it says',
        'removes_chlorine_up' => 'removes chlorine up to', 'the_acid' => 'The acid', 'which_acid' => 'Which acid', 'strength_by_weight' => 'Strength by weight', 'purity' => 'Purity',
        'in_stock_g' => 'In stock, g or mL', 'empty_not_counted' => 'empty: not counted', 'price_per_100' => 'Price per 100 g or mL', 'delete_this_product' => 'Delete this product',
        'its_spoon_calibrations' => 'Its spoon calibrations are deleted too; batches made with it stay.', 'delete' => 'Delete :name',
    ],
    'index' => [
        'by_label' => 'by its label',
        'products' => 'Products', 'calibrate_the_tds' => 'Calibrate the TDS meter', 'recipes' => 'Recipes', 'dechlorinator' => 'dechlorinator',
        'removes_chlorine_up' => 'removes chlorine up to', 'strength' => 'strength', 'label_dose' => 'label dose', 'for' => ':what for :litres',
        'the_label_contradicts' => 'The label contradicts itself.', 'in_stock' => 'in stock', 'not_counted' => 'not counted', 'a_level_spoon' => 'a level spoon',
        'n100_cost' => '100 :what cost', 'n1_in_1' => '1 :what in 1 L', 'spoon' => 'Spoon', 'of' => 'of :name', 'no_products_yet' => 'No products yet',
        'salts_by_their' => 'Salts by their formula, or a product by its label. Mix water and Fertilising then work out amounts from what you have.', 'add_a_product' => 'Add a product',
    ],
    'pen' => [
        'tds_meter' => 'TDS meter', 'the_factor_of' => 'The factor of your TDS meter', 'products' => 'Products', 'in_use' => 'In use:', 'your_calibrations_say' => 'Your calibrations say',
        'use_from_now' => 'Use :what from now on', 'dip' => 'Dip',
        'hold_the_meter' => 'Hold the meter in calibration solution, or in water that you tested with a conductivity meter. At 25 °C, or with a meter that compensates for temperature.',
        'enter_both_values' => 'Enter both values', 'the_meter_shows' => 'the meter shows', 'true_value' => 'true value', 'calibrations_newest_first' => 'Calibrations, newest first',
        'when' => 'When', 'meter' => 'Meter', 'true' => 'True', 'factor' => 'Factor', 'calibration_of' => 'calibration of :day',
    ],
    'spoon' => [
        'from_trials' => '{1} from one trial|[2,*] from :count trials',
        'title' => 'A spoon of :name',
        'a_level_spoon' => 'A level spoon of :name', 'products' => 'Products', 'not_known_yet' => 'Not known yet.', 'method' => 'Method', 'by_scale' => 'By scale', 'by_meter' => 'By meter',
        'spoon' => 'Spoon', 'zero_the_scale' => 'Zero the scale with an empty cup on it, and add level spoons. Level each with a knife, never press.',
        'test_a_known' => 'Test a known volume of RO or distilled water, then dissolve level spoons in it.', 'level_spoons' => 'level spoons', 'weigh' => 'Weigh',
        'all_together' => 'all together', 'take_it_from_the' => 'Take it from the scale', 'water' => 'water', 'meter_before' => 'meter before', 'meter_after' => 'meter after',
        'n1_g_in' => '1 g in 1 L raises it by :what.', 'take_it_from' => 'Take it from the meter',
        'three_trials_on' => 'Three trials on different days show how even your spoons are; recipes then know their own spread.', 'save_this_trial' => 'Save this trial',
        'trials_newest_first' => 'Trials, newest first', 'when' => 'When', 'by' => 'By', 'spoons' => 'Spoons', 'one_weighs' => 'One weighs', 'trial_of' => 'trial of :day',
    ],
];
