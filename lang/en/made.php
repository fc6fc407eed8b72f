<?php

declare(strict_types=1);

return [
    'guessed' => 'Reckoned with :rate ± :band :unit a day.', 'guess_so_far' => 'A guess so far. From the second reading on the diary is weighed in: one before each change is enough.',
    'from' => ':readings and the changes between them; your guess was :guess.', 'uses' => 'It uses more nitrate than it makes: :rate ± :band :unit a day.', 'makes' => 'It makes :rate ± :band :unit a day.',
    'settles' => 'With :share :every it settles at :level before each change.',
    'by_itself' => 'By itself the tank :list a day.',
    'by' => ':what by :amount',
    'raise' => 'raises :list',
    'lower' => 'lowers :list',
    'head' => [
        'guess' => ':what: reckoned with :amount a day',
        'gives' => ':what rises by itself: :amount a day',
        'takes' => ':what falls by itself: :amount a day',
        'still' => ':what: nothing moves it by itself, as far as readings tell',
    ],
    'guess' => 'A guess so far, from what you say lies in the tank. From the second reading on the diary is weighed in.',
    'readings' => '{1} From one reading|[2,*] From :count readings',
    'between' => ' and the changes and top-ups between them; the guess was :guess.',
    'aside' => '{1} One reading fits none of the others and is left out: :days.|[2,*] :count readings fit none of the others and are left out: :days.',
    'counts' => ' Changes and topping up are reckoned with it.',
    'not_counted' => ' It is too little, or too unsure, to be reckoned with.',
    'evaporates_guess' => 'Taken as :guess a day off the surface until you write down what you top up.',
    'evaporates' => '{1} Learned from one of your own top-ups, against :guess a day to begin with.|[2,*] Learned from :count of your own top-ups, against :guess a day to begin with.',
    'evaporates_aside' => '{1} One that lies far from the others is left out.|[2,*] :count that lie far from the others are left out.',
];
