<?php

declare(strict_types=1);

return [
    'name' => 'Guest',
    'head' => 'How much water should I change?',
    'four' => 'Four answers. No account.',
    'size' => 'Your tank, outside',
    'length' => 'Length', 'depth' => 'Depth', 'height' => 'Height',
    'livestock' => 'What lives in it?',
    'changed' => 'When did you last change water?',
    'when' => ['' => 'I don’t know', 'never' => 'Never: it is new', '0' => 'Today', '3' => 'A few days ago', '7' => 'A week ago', '14' => 'Two weeks ago', '30' => 'A month ago', '90' => 'Longer ago'],
    'nitrate' => 'Nitrate test', 'nitrate_help' => 'Leave it empty if you have none. A range such as 20-40 is fine.',
    'tell' => 'Tell me how much',
    'kept' => 'What you enter stays on this device for :days days after your last visit. An account keeps it for good.',
    'sign_in' => 'Sign in', 'demo' => 'Look around a demo with seven tanks',
    'tank' => 'My tank', 'tap' => 'Tap water',
    'changed_note' => 'About :share, by your answer.',
    'needs_account' => 'That needs an account. Enter an email address and a password below: your tanks move into it.',
    'full' => 'There are too many guests just now. Make an account, or come back tomorrow.',
    'often' => 'That is a lot of tanks from one place today. Sign in, or come back tomorrow.',
    'forgotten' => '{0} No guest to delete.|{1} Deleted one guest.|[2,*] Deleted :count guests.',
    'keep' => 'Make this an account',
    'keep_why' => 'Your tanks, tests and water changes move into it. Until you confirm the email you stay a guest on this device.',
    'keep_act' => 'Make an account', 'account' => 'Keep this: make an account',
    'email' => 'Email', 'password' => 'Password', 'password_again' => 'Password again', 'password_help' => 'At least ten characters, and not a common one.',
    'welcome' => 'This is your account now.',
    'delete' => 'Delete what you entered', 'delete_act' => 'Delete all of it',
];
