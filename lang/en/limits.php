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
        'Tank' => 'tanks', 'SourceWater' => 'source waters', 'Analysis' => 'water reports', 'Product' => 'products', 'Reservoir' => 'RO reservoirs', 'Recipe' => 'recipes', 'Batch' => 'batches',
        'PlantKind' => 'plant species', 'Chore' => 'tasks', 'Supply' => 'supplies', 'Helper' => 'helpers', 'Absence' => 'absences', 'PinnedJob' => 'moved tasks',
        'LearningReset' => 'restarted estimates', 'MeterTrial' => 'meter calibrations', 'Entry' => 'log entries', 'Checklist' => 'checklists', 'Photo' => 'photos', 'Animal' => 'animal species', 'PlantGroup' => 'plant groups',
        'Lamp' => 'lights', 'LightDay' => 'days with another photoperiod', 'LightReading' => 'PAR tests', 'TopOff' => 'top-offs', 'Dose' => 'doses', 'DosePlan' => 'planned doses',
        'FeedingOverride' => 'feeding periods', 'PinchTrial' => 'weighed pinches', 'GaugeNote' => 'equipment notes', 'Problem' => 'problems', 'Arrival' => 'new arrivals', 'LayoutIssue' => 'layout notes', 'SubstrateZone' => 'gravel-vac zones',
    ],
];
