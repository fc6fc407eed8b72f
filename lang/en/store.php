<?php

declare(strict_types=1);

return [
    'page' => [
        'level' => 'Level', 'of' => 'of :all', 'see' => 'Level I see', 'save_level' => 'Save the level', 'ask' => 'Ask the RO unit', 'membrane' => 'RO membrane', 'in' => 'before the membrane', 'out' => 'after it',
        'output' => 'output per minute, if measured', 'first' => 'first water after a standstill', 'save_test' => 'Save the test', 'tests' => 'All tests of the unit',
        'tonight' => 'RO water for tonight', 'order' => 'In this order', 'needs' => 'Needs', 'ready' => 'Ready', 'left' => 'Left in the reservoir',
        'why' => 'Smallest first, so that you can start while the rest fills. The RO unit runs from now on.',
    ],
    'chart' => ['title' => 'Rejection', 'said' => '{1} Rejection: one test.|[2,*] Rejection over time: :count tests.', 'key' => '% of salts held back. Thin line: the trend. The first water after a standstill is left out.'],
    'unknown' => ['head' => 'The rejection is not known yet.', 'why' => 'Test conductivity before and after the membrane, after letting the first minutes run off.'],
    'due' => ['head' => 'The membrane is due.', 'why' => 'It holds back :now. Replace it below :due, or the resin behind it is used up fast.'],
    'falls' => ['head' => 'The membrane is due around :day.', 'why' => 'It holds back :now and loses :points points a month, by :readings.'],
    'steady' => ['head' => 'The membrane holds back :now.', 'why' => 'Steady, by :readings.'],
    'resin_due' => ['head' => 'The resin is due.', 'why' => 'In use since :day; it usually lasts a year. Replace it sooner if it changes colour or the output rises above a few µS/cm.'],
    'resin' => ['head' => 'Resin until about :day.', 'why' => 'Sooner when it changes colour or the output rises above a few µS/cm.'],
    'moved' => ['rejection' => 'Flush it, look at the pre-filters and the pressure; or both meters need calibrating.', 'output' => 'Cold water gives less: about 3 % per degree. Otherwise check the pre-filters, the pressure and the shut-off valve.'],
    'full' => 'full',
    'full_in' => 'full after :time; :drained go down the drain',
    'evening' => ['enough' => ':there in the reservoir: enough', 'short' => ':there in the reservoir, :missing short: ready :when if the RO unit runs from now on', 'most' => 'Between 0 and :most.', 'now' => 'now', 'in' => ':when, in :minutes'],
    'name' => 'Enter a name, such as “Cellar barrel”.',
    'form' => [
        'none' => 'none of my source waters',
        'title' => 'Edit :name',
        'new' => 'Add an RO reservoir',
        'source_water_in' => 'Source water in it', 'capacity' => 'capacity', 'level_now' => 'level now', 'ro_unit_output' => 'RO unit output a day',
        'fill_a_litre' => 'fill a litre and time it', 'waste_water_per' => 'waste water per litre made', 'membrane_in_use' => 'membrane in use since',
        'resin_in_use' => 'resin in use since', 'delete_this_reservoir' => 'Delete this reservoir', 'its_membrane_tests' => 'Its membrane tests are deleted too.',
        'delete' => 'Delete :name',
    ],
];
