<?php

declare(strict_types=1);

return [
    'never_set' => 'when did you last calibrate it?',
    'set_ago' => '{0} calibrated today|{1} calibrated yesterday|[2,*] calibrated :days days ago',
    'set_long_ago' => 'calibrated :days days ago: until you calibrate it its results get a wider margin',
    'due' => ':pen meter: calibrate it. Last done :days days ago; until then its results get a wider margin.',
];
