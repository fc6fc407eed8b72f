<?php

declare(strict_types=1);

return [
    'never_set' => 'when was it set against its standard?',
    'set_ago' => '{0} set today|{1} set yesterday|[2,*] set :days days ago',
    'set_long_ago' => 'set :days days ago: its readings count with a wider band until it is set again',
    'due' => ':pen pen: set it against its standard again. It was set :days days ago, and what it reads counts with a band that widens until then.',
];
