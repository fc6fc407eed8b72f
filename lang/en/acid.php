<?php

declare(strict_types=1);

return [
    'kind' => ['hydrochloric' => 'hydrochloric acid', 'sulfuric' => 'sulfuric acid', 'phosphoric' => 'phosphoric acid'],
    'amount' => ':amount, about :drops drops of 0.05 mL',
    'amount_large' => ':amount',
    'lacks' => ':what of :of',
    'read_first' => 'Read :list first.',
    'unknown' => 'This cannot be foretold.',
    'unsolved' => 'There is no pH at which it would come to rest: check the amount and the readings.',
    'none_left' => 'none, and acid left over',
    'blend' => ':first + :second', 'alone' => 'without acid', 'with' => 'with the acid',
    'row' => [
        'water_kh' => 'KH of :water',
        'water_ph' => 'its pH now',
        'water_tomorrow' => 'its pH tomorrow, left open',
        'tank_kh' => 'KH of :tank',
        'tank_ph' => 'its pH right after',
        'tank_tomorrow' => 'its pH the next day',
    ],
    'tank_bare' => 'The tank has no buffer left.',
    'tank_bare_why' => 'Nothing would hold its pH: less acid, or less of this water.',
    'too_far' => 'KH of the tank falls by :fall; these animals stand :allowed at once.',
    'too_far_why' => 'Take less acid, or spread it over several changes or top-ups.',
    'below' => 'KH of the tank falls to :left, below the :least it is kept at.',
    'below_why' => 'The next nights of the filter take some more of it.',
    'ph_moves' => [
        'pH' => 'pH of the tank moves by :move right after; these animals stand :allowed at once.',
        'pH_next' => 'pH of the tank moves by :move until the next day; these animals stand :allowed at once.',
    ],
    'gas' => 'The acid sets :gas mg/L of carbon dioxide free in this water.',
    'gas_why' => 'Stir or aerate it until its pH has climbed again, before it meets animals.',
    'bare' => 'So soft a water says nothing with its pH.',
    'bare_why' => 'Without buffer a drop makes it fall steeply, and the tank hardly notices that. What counts is what the acid takes from the tank: :fall of KH.',
    'for_good' => 'What the acid takes is gone for good.',
    'for_good_why' => 'pH climbs again as carbon dioxide leaves, KH does not: :soda g of sodium bicarbonate would bring it back. It leaves :mg mg/L of :ion in this water.',
    'phosphate' => 'That feeds plants and algae.',
    'title' => ':amount of :acid, :percent %, in :litres of :water',
    'kept' => 'Kept in the diary.',
    'in_batch' => 'Kept in the diary; the batch counts with it.',
];
