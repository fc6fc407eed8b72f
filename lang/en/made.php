<?php

declare(strict_types=1);

return [
    'guessed' => 'Estimate: :rate ± :band :unit a day.', 'guess_so_far' => 'Only an estimate so far. From your second test on Cresco learns from your log: one test before each water change is enough.',
    'from' => ':readings and the water changes between them; your estimate was :guess.', 'uses' => 'Plants use up more nitrate than is produced: :rate ± :band :unit a day.', 'makes' => 'Nitrate rises by :rate ± :band :unit a day.',
    'settles' => 'With a water change of :share :every it settles at :level before each change.',
    'by_itself' => 'Substrate and rock :list a day.',
    'by' => ':what by :amount',
    'raise' => 'raise :list',
    'lower' => 'lower :list',
    'head' => [
        'guess' => ':what: estimate :amount a day',
        'gives' => ':what rises by :amount a day',
        'takes' => ':what drops by :amount a day',
        'still' => ':what: no daily drift in your tests',
    ],
    'guess' => 'Only an estimate so far, from the substrate and rock that you listed. From your second test on Cresco learns from your log.',
    'readings' => '{1} From one test|[2,*] From :count tests',
    'between' => ' and the water changes and top-offs between them; the estimate was :guess.',
    'aside' => '{1} One test does not fit the others and is left out: :days.|[2,*] :count tests do not fit the others and are left out: :days.',
    'counts' => ' Water changes and top-offs take it into account.',
    'not_counted' => ' It is too small or too uncertain to use.',
    'evaporates_guess' => 'Estimate: the level drops :guess a day. Log your top-offs and Cresco learns the real figure.',
    'evaporates' => '{1} Learned from one of your top-offs; the first estimate was :guess a day.|[2,*] Learned from :count of your top-offs; the first estimate was :guess a day.',
    'evaporates_aside' => '{1} One that is far from the others is left out.|[2,*] :count that are far from the others are left out.',
];
