<?php

declare(strict_types=1);

return [
    'reached' => 'There are :most :what already, and no more are kept: nothing was added. Take out what is no longer needed first.',
    'unwritten' => [
        'head' => 'Nothing was kept',
        'read_only' => 'The database of this Cresco can be read just now, but not written to. Tell whoever runs it.',
        'full' => 'The disk of this Cresco is full. Tell whoever runs it: room has to be made there.',
        'broken' => 'The disk of this Cresco does not answer as it should. Tell whoever runs it.',
        'busy' => 'Too many are writing at once. Wait a moment, then send it again.',
    ],
    'kinds' => [
        'Tank' => 'tanks', 'Water' => 'waters', 'Analysis' => 'analyses', 'Jar' => 'jars and bottles', 'Store' => 'stores', 'Recipe' => 'recipes', 'Batch' => 'batches',
        'PlantKind' => 'kinds of plants', 'Chore' => 'jobs', 'Supply' => 'supplies', 'Helper' => 'helpers', 'AwaySpell' => 'times away', 'LaidJob' => 'jobs laid by hand',
        'FreshStart' => 'figures begun anew', 'PenTrial' => 'trials of the pen', 'Entry' => 'entries in the diary', 'Run' => 'sessions', 'Photo' => 'photos', 'Animal' => 'kinds of animals', 'Stand' => 'stands',
        'Lamp' => 'lamps', 'LightDay' => 'days of light', 'LightReading' => 'readings of light', 'TopUp' => 'top-ups', 'Dose' => 'doses', 'DosePlan' => 'planned doses',
        'FoodSpell' => 'times of feeding', 'PinchTrial' => 'weighings of pinches', 'GaugeNote' => 'readings of equipment', 'Inquiry' => 'cases', 'Arrival' => 'arrivals', 'OffSpot' => 'findings at the spot', 'BedPatch' => 'patches',
    ],
];
