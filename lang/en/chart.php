<?php

declare(strict_types=1);

return [
    'today' => 'today',
    'target' => 'target',
    'at' => ':day: :value',
    'band' => ':day: :value (:low to :high)',
    'amount' => ':day: :value',
    'missed' => ':day: :value, missed',
];
