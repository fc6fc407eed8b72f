<?php

declare(strict_types=1);

return [
    'kits_set' => 'Set: :set. Change in the table what differs with yours.',
    'simulated' => [
        'pen' => 'a meter for conductivity and temperature', 'acidity' => 'a pH meter', 'scale' => 'a scale', 'unit' => 'an RO unit with a reservoir',
        'doser' => 'a dosing pump that runs into a measuring cylinder', 'plug' => 'a plug that counts how long a heater was on',
    ],
    'lengths' => ['metric' => 'centimetres and millimetres', 'inches' => 'inches and feet'],
    'volumes' => ['litre' => 'litres', 'us_gallon' => 'US gallons', 'imperial_gallon' => 'imperial gallons'],
    'page' => [
        'shows_all' => 'Always show how sure a value is, and the tables behind the charts',
        'themes' => ['auto' => 'system', 'light' => 'light', 'dark' => 'dark'],
        'settings' => 'Settings', 'account_and_data' => 'Account and data', 'estimates' => 'Estimates', 'what_do_you' => 'What do you test with?',
        'one_tap_fills' => 'One tap fills the table below; you can change single kits there.', 'you' => 'You', 'theme' => 'Theme', 'time_zone' => 'Time zone', 'volumes' => 'Volumes',
        'lengths_and_weights' => 'Lengths and weights', 'any_length_field' => 'Any length field also understands 48 in, 4 ft or 120 cm.', 'width_of_your' => 'Width of your hand',
        'trim_heights_are' => 'Trim heights are given in hand widths.', 'bucket_size' => 'Bucket size', 'factor_of_your' => 'Factor of your TDS meter',
        'n0_5_on' => '0.5 on the salt scale, 0.64 to 0.70 for “natural water”', 'scale_and_devices' => 'Scale and devices', 'smallest_step_of' => 'Smallest step of your scale',
        'simulated_devices_answer' => 'Simulated devices answer from a simulated tank, with scatter and drift, so that you can practise every step without hardware. Their values are not your water.',
        'simulate' => 'simulate :name', 'tests_and_meters' => 'Tests and meters', 'saved_results_dont' => 'Saved results don’t change; only how you enter and see them does.',
        'parameter' => 'Parameter', 'with_4' => 'With', 'unit_4' => 'Unit', 'last_digit_or_one' => 'Last digit, or one drop', 'colours_of_the_chart' => 'Colours of the chart',
        'meter_last_calibrated_4' => 'Meter last calibrated', 'with' => ':what: with', 'unit' => ':what: unit', 'last_digit_or' => ':what: last digit, or one drop',
        'colours_of_the' => ':what: colours of the chart', 'meter_last_calibrated' => ':what: meter last calibrated',
    ],
];
