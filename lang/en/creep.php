<?php

declare(strict_types=1);

return [
    'page' => [
        'title' => 'Top-off in :tank', 'just_now' => 'Topped off just now', 'just_now_with' => 'Topped off just now with :water', 'log' => 'Log it',
        'top_off_with' => 'Top off with', 'change_with' => 'Change water with', 'routine' => 'With a water change of :share :every with :water.',
        'year' => ':what over a year', 'ends' => 'Now :now. After a year :before before each water change and :after right after it.', 'key' => 'Thin line: topped off with pure water instead.',
        'how' => 'How is evaporation estimated?', 'list' => 'Latest top-offs', 'one' => 'the top-off of :day',
    ],
    'chart' => ':what over a year: from :now to :settled.',
    'pure' => ['head' => 'This top-off adds next to nothing.', 'why' => 'Evaporation takes only water. Topping off with pure water replaces just that, and minerals come in only with water changes.'],
    'this' => 'this',
    'adds' => [
        'head' => 'Topping off with :water adds :rise a week.', 'why' => 'After a year of this routine that is :more more than with RO or rain water. Remineralise the water for changes, and top off with pure water.',
        'before' => 'After a year of this routine that is :more more than with RO or rain water; before each water change it reaches :level. Remineralise the water for changes, and top off with pure water.',
    ],
    'missing' => 'Not tested: :what of the tank, the top-off or the water for changes.',
    'evaporates' => 'About :day a day evaporates, :week a week.',
];
