<?php

declare(strict_types=1);

return [
    'too_tall' => 'too tall',
    'too_dark' => 'too dark',
    'lost_path' => 'a path or a view is overgrown',
    'odd_stone' => 'a rock or a root is out of place',
    'bare_spot' => 'a bare spot',
    'line' => 'To restore: :what.',
    'state' => ['restore' => 'for the next session', 'restored' => 'restored', 'kept' => 'left as it is', 'against' => 'dismissed'],
    'most' => 'That is as many as a tank may have open: settle some first.',
    'none' => 'A photo from the same spot shows how the layout changes. Add one here, or take it in the photo step of a checklist.',
    'intent' => 'goal photo',
];
