<?php

declare(strict_types=1);

return [
    'yours' => 'What your log has replaced', 'yours_count' => '{1} One estimate is yours now|[2,*] :count estimates are yours now',
    'parameter' => [
        'accuracy' => 'by which a well-kept pen may be off, a standard deviation in the base unit',
        'accuracyShare' => 'by which a well-kept pen may be off, as a share of the value',
        'wander' => 'by which a pen strays in each month since it was set, in the base unit',
        'wanderShare' => 'by which a pen strays in each month since it was set, as a share of the value',
        'setDays' => 'days after which a pen is to be set again',
        'beyond' => 'how far the truth may lie beyond the end of a chart, in the base unit',
        'fine' => 'range that suits all animals, in the base unit',
        'balance' => 'what is held before anything was read, in the base unit: of an unread tap, by how much that may be off, the least a reading is off, what may come or go unseen in a day, and the most that anything unwritten may bring',
        'range' => 'what fresh water can hold at all, in the base unit',
        'step' => 'worth of a drop or of the last digit, until the keeper says, in the usual unit',
        'fields' => 'of a colour chart, until the keeper says, in the usual unit',
    ],
    'aside' => '{0}|{1}; one is set aside, since it fits none of the others|[2,*]; :count are set aside, since they fit none of the others',
    'aside_short' => '{0}|{1}, one set aside|[2,*], :count set aside',
    'anew' => [
        'kept' => 'It is learned anew from now on. What was seen before is kept, and counts again when you take this back.',
        'back' => 'What was seen before counts again.',
        'gone' => 'There is no such figure any more.',
        'evaporation' => 'What :tank loses in a day', 'minutes' => 'How long steps take at :tank', 'spoon' => 'A level spoon of :jar', 'pen' => 'Factor of the TDS pen',
    ],
    'own' => [
        'usual' => 'every :days days, :minutes min', 'between' => 'Between two tanks of an evening', 'before' => 'Water is ready before work', 'evaporation' => 'An open surface loses in a day',
        'begins' => 'Cresco begins with :value :unit', 'kept' => 'Kept. All pages begin with your figures; the diary goes on from them.', 'number' => 'A number from :least to :most, or nothing for what Cresco begins with.',
    ],
    'grade' => ['guess' => 'guess', 'limit' => 'limit', 'published' => 'published', 'of the reckoning' => 'of the reckoning'],
    'replaced' => [
        'nitrate' => 'Nitrate that :tank makes in a day',
        'moves' => ':what that moves by itself in :tank, in a day',
        'spoon' => 'A level spoon of :jar',
        'pen' => 'Factor of the TDS pen',
        'evaporation' => 'What :tank loses in a day',
        'readings' => '{1} one reading|[2,*] :count readings',
        'trials' => '{1} one trial|[2,*] :count trials',
        'pairs' => '{1} one pair|[2,*] :count pairs',
        'top_ups' => '{1} one top-up|[2,*] :count top-ups',
        'nothing' => 'not known by guess',
        'often' => 'How often at :tank: :task',
        'turns' => '{1} one turn|[2,*] :count turns',
        'minutes' => '{1} How long a step takes at :tank|[2,*] How long :count steps take at :tank, together',
        'sessions' => '{1} one session|[2,*] :count sessions',
        'membrane' => 'What the membrane of :store holds back',
    ],
];
