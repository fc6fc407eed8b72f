<?php

declare(strict_types=1);

return [
    'every' => '{1} every day|[2,*] every :count days',
    'readings' => '{1} one reading|[2,*] :count readings',
];
