<?php

declare(strict_types=1);

return [
    'reached' => 'You have :most :what already, which is the maximum: nothing was added. Delete what you no longer need first.',
    'unwritten' => [
        'head' => 'Nothing was saved',
        'read_only' => 'The database is read-only at the moment. Tell whoever runs this Cresco.',
        'full' => 'The disk is full. Tell whoever runs this Cresco to make room.',
        'broken' => 'The disk does not work properly. Tell whoever runs this Cresco.',
        'busy' => 'Cresco is overloaded. Wait a moment, then send it again.',
    ],
    'kinds' => [
        'Tank' => 'tanks', 'Water' => 'source waters', 'Analysis' => 'water reports', 'Jar' => 'products', 'Store' => 'RO reservoirs', 'Recipe' => 'recipes', 'Batch' => 'batches',
        'PlantKind' => 'plant species', 'Chore' => 'tasks', 'Supply' => 'supplies', 'Helper' => 'helpers', 'AwaySpell' => 'absences', 'LaidJob' => 'moved tasks',
        'FreshStart' => 'restarted estimates', 'PenTrial' => 'meter calibrations', 'Entry' => 'log entries', 'Run' => 'checklists', 'Photo' => 'photos', 'Animal' => 'animal species', 'Stand' => 'plant groups',
        'Lamp' => 'lights', 'LightDay' => 'days with another photoperiod', 'LightReading' => 'PAR tests', 'TopUp' => 'top-offs', 'Dose' => 'doses', 'DosePlan' => 'planned doses',
        'FoodSpell' => 'feeding periods', 'PinchTrial' => 'weighed pinches', 'GaugeNote' => 'equipment notes', 'Inquiry' => 'problems', 'Arrival' => 'new arrivals', 'OffSpot' => 'layout notes', 'BedPatch' => 'gravel-vac zones',
    ],
];
