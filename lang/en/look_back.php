<?php

declare(strict_types=1);

return [
    'fold' => ':when: :held of :count as forecast', 'when' => ['after' => 'Right after', 'next' => 'Next day'],
    'lower' => ':when, :what is lower than forecast.', 'higher' => ':when, :what is higher than forecast.', 'both' => 'Forecast :forecast, tested :measured.',
    'amount' => 'Most likely: a different amount was changed.',
    'passed' => 'It all fits if you changed :likely, not :planned. You drained below the mark, or the tank holds less than its measures say.',
    'short' => 'It all fits if you changed :likely, not :planned. You stopped above the mark, or the tank holds more than its measures say.',
    'one' => 'Most likely: the new water, or one test.',
    'source' => 'Only :what is off. Either the new water had :value, or one of the two tests was wrong: test :what of the source water again.',
    'test' => 'Only :what is off, and no source water explains it: test :what again, calibrate the meter, and note the hour (light and CO₂ move it).',
    'held' => 'The forecast was right.', 'held_why' => 'Your tests are within the expected range: volume, source water and tests agree.',
    'empty' => [
        'title' => 'Forecast check of :tank',
        'nothing_to_check' => 'Nothing to check yet', 'once_you_have' => 'Once you have done a water change with its checklist, this page compares its forecast with your tests.',
        'plan_a_water' => 'Plan a water change',
    ],
    'show' => [
        'still_off' => 'still off',
        'from' => 'from :day',
        'skipped_word' => 'skipped',
        'nothing' => 'nothing',
        'other' => 'not as forecast',
        'higher' => 'higher than forecast',
        'lower' => 'lower than forecast',
        'held' => 'as forecast',
        'took_guessed' => ':taken, planned about :planned, your guess :guessed',
        'took' => ':taken, planned about :planned',
        'missed' => '{1} not reached, so next time: zone :zones|[2,*] not reached, so next time: zones :zones',
        'done_at' => ':what: done :day',
        'not_done' => ':what: not done',
        'title' => 'Forecast check of :tank',
        'forecast_check' => 'Forecast check', 'change_of_with' => 'Change of :day: :litres, :share, with :what', 'how_did_it' => 'How did it go?',
        'maintenance_of_without' => 'Maintenance of :day, without a water change', 'not_tested_yet' => 'Not tested yet',
        'test_right_after' => 'Test right after the change or the next day, and Cresco compares it with the forecast.', 'of' => 'of :count', 'values_as_forecast' => 'values as forecast',
        'parameter' => 'Parameter', 'in_words' => 'in words', 'tested' => 'tested', 'before' => 'before', 'test_the_next' => 'Test the next day', 'trimmed' => 'Trimmed',
        'plant_group' => 'Plant group', 'forecast' => 'forecast', 'found' => 'found', 'left' => 'left', 'full_again' => 'full again', 'spare_cuttings' => 'Spare cuttings',
        'from_the_same' => 'From the same spot', 'the_tank' => 'The tank :day', 'compared_with' => 'compared with', 'photos' => 'Photos', 'photo_of' => 'Photo of :day',
        'checklist' => 'Checklist', 'time' => 'Time', 'switched_off' => 'Switched off', 'nothing_was_switched' => 'nothing was switched off', 'skipped' => 'Skipped',
        'gravel_vac' => 'Gravel vac', 'follow_up' => 'Follow-up', 'minutes_step_by' => 'Minutes, step by step', 'step' => 'Step', 'planned' => 'planned', 'taken' => 'taken',
    ],
];
