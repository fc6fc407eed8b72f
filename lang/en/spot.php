<?php

declare(strict_types=1);

return [
    'too_tall' => 'too tall',
    'too_dark' => 'too dark',
    'lost_path' => 'a path or a line of sight is lost',
    'odd_stone' => 'a stone or a root lies wrong',
    'bare_spot' => 'a bare spot',
    'line' => 'To restore: :what.',
    'state' => ['restore' => 'for the next session', 'restored' => 'restored', 'kept' => 'stays as it is', 'against' => 'decided against'],
    'most' => 'That is as many as a tank may have open: settle some first.',
    'none' => 'No photo from the fixed spot yet. The photo step of a session takes one, or keep one here.',
    'intent' => 'as it is meant to look',
];
