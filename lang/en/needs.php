<?php

declare(strict_types=1);

return [
    'order' => 'The upper end must be higher than the lower one.', 'between' => 'Between :least and :most.', 'swing' => 'More than 0, and no more than the whole range.',
    'number' => 'Enter a number, or leave it empty.',
    'page' => [
        'title' => 'Target ranges of :tank',
        'targets_of' => 'Targets of :tank', 'grey_values_are' => 'Grey values are the defaults for this livestock,', 'estimates' => 'estimates',
        'until_your_log' => 'until your log knows better. What you enter replaces them for this tank.', 'parameter' => 'Parameter', 'from' => 'from', 'to' => 'to',
        'max_change_per' => 'max. change per day', 'daily_nitrate_rise' => 'Daily nitrate rise', 'daily_drift_of' => 'Daily drift of the rest', 'how_is_this' => 'How is this estimated?',
        'between_water_changes' => 'Between water changes each value rises or drops steadily; a water change removes its share and adds what the new water contains, a top-off adds what its water contains. Cresco finds the rate that fits all your tests of the last half year best, each with its own error, and combines it with the first estimate. A test that does not fit the others is left out, and Cresco says so.',
    ],
];
