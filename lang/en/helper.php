<?php

declare(strict_types=1);

return [
    'all' => 'Everything else that happens',
    'nobody' => [
        'nitrate' => 'Nitrate :value:limit', 'limit' => ', limit :limit', 'level' => ':litres will evaporate; the level drops :fallen.', 'dry' => ':what will be out of water by then: have it topped off.',
        'stands' => '{1} One plant group will need a trim.|[2,*] :count plant groups will need a trim.', 'none' => 'Nothing should go wrong.',
    ],
    'made' => 'The link is shown only once. Send it to your helper, and only to them.', 'gone' => 'The link no longer works.', 'kept' => 'Saved. Thank you.', 'ticked' => 'Done.', 'unticked' => 'Undone.',
    'most' => 'There are :most links already; delete one first.', 'enough' => 'That is enough for today; the keeper sees what you sent.',
    'day' => ['today' => 'Today', 'other' => 'Not today', 'missed' => 'Not done yesterday'],
    'every' => '{0} once|{1} every day|[2,*] every :count days',
    'proposed' => [
        'look' => 'Watch for a minute: do all swim as usual, is the filter running, is the light on during the day?', 'look_caution' => 'If animals hang at the surface and gasp: call. Do not feed, do not treat.',
        'feed' => 'Give one of the packed portions of food (:grams).', 'feed_caution' => 'Never more: leftover food harms. Skipping a day harms nobody.',
        'top_up' => 'Top off to the mark on the glass with water from the jug (about :litres).', 'top_up_caution' => 'Only from the labelled jug, never from the tap. Never carry water over sockets.',
        'dose' => 'Give :dose of :name, once.', 'dose_caution' => 'Never make up for a missed day.',
    ],
    'report' => ['none' => 'Nothing was ticked.', 'done' => 'done', 'left' => 'not done', 'by' => ':done of :asked done'],
    'entry' => 'Helped by :name',
    'emergency' => 'Power and water: unplug before you put your hands in. Water on the floor or at a socket: switch off at the fuse box from a dry place, then call.',
    'until' => 'A day after the first one, at most :most days ahead.',
    'page' => [
        'tests_note' => 'Tests, and a note',
        'note' => 'A note',
        'thank_you_the' => ':day. Thank you, :name. The link works until :until.', 'done_today' => 'Done today.', 'nothing_to_do' => 'Nothing to do today.', 'not_today' => 'Not today',
        'what_you_saw' => 'What you saw', 'send' => 'Send', 'a_photo' => 'A photo', 'from_the_front' => 'From the front, all of the tank', 'send_the_photo' => 'Send the photo',
    ],
    'paper' => [
        'to_for' => ':day to :until, for :name', 'what' => 'What', 'when' => 'When', 'tick' => 'Tick',
    ],
    'one' => [
        'at' => ':name at :tank', 'to' => ':day to :until: :what.', 'delete_the_link' => 'Delete the link', 'nothing_to_do' => 'nothing to do',
        'their_tests_and' => 'Their tests and notes are in the log',
    ],
    'list' => [
        'going_away' => 'Going away', 'link_for_the' => 'Link for the helper', 'no_tank_yet' => 'No tank yet', 'add_the_first' => 'Add the first tank',
        'if_nobody_does' => 'If nobody does anything until :day', 'healthy_fish_can' => 'Healthy fish can go a week or two without food. Enter your absence in', 'week' => 'Week',
        'nothing_is_scheduled' => 'nothing is scheduled on those days.', 'at' => ':name at :tank', 'to' => ':day to :until: :what', 'over' => 'over', 'ask_somebody' => 'Ask somebody',
        'for_which_tank' => 'For which tank', 'show' => 'Show', 'who_helps' => 'Who helps', 'from' => 'From', 'until_then_the' => 'Until (then the link ends)',
        'in_plain_words' => 'In plain words, with amounts packed or marked beforehand. Empty rows are left out.', 'add_tasks' => 'Add tasks', 'what_to_do' => 'What to do',
        'warning' => 'Warning', 'every' => 'every', 'tests_to_do' => 'Tests to do', 'a_note_for' => 'A note for them: where the jug is, whom to call',
        'create_the_link' => 'Create the link',
        'the_link_shows' => 'The link shows this tank’s name and the tasks, nothing else. It works without an account until its last day, or until you delete it.',
    ],
];
