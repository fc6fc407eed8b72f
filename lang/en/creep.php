<?php

declare(strict_types=1);

return [
    'pure' => ['head' => 'This top-up adds next to nothing.', 'why' => 'What evaporates leaves everything behind; pure water puts back just what went. Change water stays the one place where minerals come from.'],
    'this' => 'this',
    'adds' => [
        'head' => 'Topping up with :water adds :rise a week.', 'why' => 'After a year of this routine that is :more more than with RO or rain. Mineralise the change water, top up with pure.',
        'before' => 'After a year of this routine that is :more more than with RO or rain; before each change it stands at :level. Mineralise the change water, top up with pure.',
    ],
    'missing' => 'Not read: :what of the tank, the top-up or the change water.',
    'evaporates' => ':day a day, :week a week',
];
