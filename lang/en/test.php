<?php

declare(strict_types=1);

return [
    'page' => [
        'title' => 'Test :name',
        'test' => 'Test :name', 'enter_what_you' => 'Enter what you see:', 'a_range' => 'a range', 'n20_40_nearer' => '20-40 nearer 20', 'over_80' => 'over 80',
        'leave_out_what' => 'Leave out what you do not test. Enter moves on.', 'plant_nutrients' => 'Plant nutrients', 'at_another_time' => 'At another time, or with a note',
        'tested_at' => 'Tested at', 'ph_changes_with' => 'pH changes with light and CO₂: note how long they were on.', 'save_results' => 'Save results',
        'my_kits_and' => 'My kits and units',
    ],
];
