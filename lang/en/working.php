<?php

declare(strict_types=1);

return [
    'page' => [
        'you' => 'you',
        'more' => ':what: :step more makes it',
        'not_worked_out' => 'Not worked out yet', 'a_test_that' => 'A test that this value needs is missing.', 'solved_for' => 'solved for :what =',
        'with_your_test' => 'With your test errors it is, 80 % certain, between', 'and' => 'and', 'what_goes_in' => 'What goes in', 'symbol' => 'Symbol', 'meaning' => 'Meaning',
        'value' => 'Value', 'where_from' => 'Where from', 'what_would_change' => 'What would change it most',
    ],
];
