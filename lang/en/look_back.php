<?php

declare(strict_types=1);

return [
    'fold' => ':when: :held of :count as forecast', 'when' => ['after' => 'Right after', 'next' => 'Next day'],
    'lower' => ':what :when is lower than forecast.', 'higher' => ':what :when is higher than forecast.', 'both' => 'Forecast :forecast, measured :measured.',
    'amount' => 'The likeliest reason: another amount.',
    'passed' => 'All misses fit if :likely of the water was changed, not :planned. The mark was passed, or the tank holds less than its measures say.',
    'short' => 'All misses fit if :likely of the water was changed, not :planned. The mark was not reached, or the tank holds more than its measures say.',
    'one' => 'The likeliest reason: the new water or one test.',
    'source' => 'Only :what is off. Either the water that went in had :value, or one of the two tests was wrong: read :what of the source again.',
    'test' => 'Only :what is off, and no water explains it: test :what again, calibrate, and note the hour against lamp and CO₂.',
    'held' => 'The forecast held.', 'held_why' => 'What was read lies within what was expected: volume, source and readings agree.',
];
