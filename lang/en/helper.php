<?php

declare(strict_types=1);

return [
    'all' => 'The rest that happens',
    'nobody' => [
        'nitrate' => 'Nitrate :value:limit', 'limit' => ', limit :limit', 'level' => ':litres evaporate: the water stands :fallen lower.', 'dry' => 'Dry by then: :what. Ask for top-ups.',
        'stands' => '{1} One stand will want cutting.|[2,*] :count stands will want cutting.', 'none' => 'Nothing is foreseen to go wrong.',
    ],
    'made' => 'The link is shown once. Send it to your helper, and only to them.', 'gone' => 'The link does not work any more.', 'kept' => 'Kept. Thank you.', 'ticked' => 'Ticked.', 'unticked' => 'Taken back.',
    'most' => 'There are :most links already; take one back first.', 'enough' => 'Enough for today; the keeper sees what you sent.',
    'day' => ['today' => 'Today', 'other' => 'Not today', 'missed' => 'Yesterday it was left'],
    'every' => '{0} once|{1} every day|[2,*] every :count days',
    'proposed' => [
        'look' => 'Look for a minute: do all swim as usual, does the filter run, is the lamp on by day?', 'look_caution' => 'If animals hang at the surface and gasp: call. Do not feed, do not treat.',
        'feed' => 'Give one of the packed portions of food (:grams).', 'feed_caution' => 'Never more: what is not eaten harms. Skipping a day harms nobody.',
        'top_up' => 'Fill up to the mark on the glass with water from the jug (about :litres).', 'top_up_caution' => 'Only from the jug that is named, never from the tap. Water never goes over sockets.',
        'dose' => 'Give :dose of :name, once.', 'dose_caution' => 'Never make up for a day that was left out.',
    ],
    'report' => ['none' => 'Nothing was ticked.', 'done' => 'done', 'left' => 'left', 'by' => ':done of :asked done'],
    'entry' => 'Helped by :name',
    'emergency' => 'Power and water: unplug before hands go in. Water on the floor or at a socket: switch off at the fuse box from a dry place, then call.',
    'until' => 'A day from the first one on, at most :most days ahead.',
];
