<?php

declare(strict_types=1);

return [
    'order' => 'The upper end must lie above the lower one.', 'between' => 'It must lie between :least and :most.', 'swing' => 'More than nothing, and no more than the whole range.',
    'number' => 'Write a number here, or leave it empty.',
];
