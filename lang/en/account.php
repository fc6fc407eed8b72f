<?php

declare(strict_types=1);

return [
    'common' => 'That is one of the passwords that are guessed first: take another, such as three or four words that do not belong together.',
    'wait' => '{1} Too many tries. Try again in a second.|[2,*] Too many tries. Try again in :seconds seconds.',
    'wrong' => 'That is not your password.',
    'no_link' => 'This link does not hold: it is older than a day, was used, or is not whole. Ask for another.',
    'sent' => 'A letter with a link is on its way to that address. It is good for a day.',
    'unsent' => 'This Cresco sends no letters by mail: who runs it reads them with ./cresco letters.',
    'there' => 'There is an account with this address already: sign in, or ask for a new password.',
    'reset_failed' => 'That address and this link do not belong together, or the link is too old. Ask for another.',
    'demo' => 'This is the account of the demo: its address and password stay, and ./cresco reset puts it back as it was.',
    'moved' => 'Your address is changed. From now on you sign in with it.',
    'password_set' => 'Your password is changed. Every other device is signed out.',
    'gone' => 'Your account is gone, with all that was kept.',
    'sure' => 'Tick that all of it goes.',
    'backups' => [
        'none' => 'No backup was made by itself yet.',
        'newest' => 'The newest is :age old and has :size MB; :kept.',
        'hours' => '{0} less than an hour|{1} one hour|[2,*] :count hours', 'days' => '{1} one day|[2,*] :count days',
        'kept' => '{1} it is the only one|[2,*] :count are kept',
        'failed' => 'The last try, :at, failed: :why Tell whoever runs this Cresco.',
    ],
    'letters' => [
        'greeting' => 'Hello,',
        'until' => 'The link is good for :hours hours. If you did not ask for it, leave it alone: nothing happens then.',
        'begin' => ['subject' => 'Your new account', 'text' => 'somebody, most likely you, wants an account with this address. Here you choose a name and a password:'],
        'known' => ['subject' => 'You have an account', 'text' => 'somebody, most likely you, wanted an account with this address. There is one already: sign in with it, or ask for a new password on the sign-in page.'],
        'reset' => ['subject' => 'A new password', 'text' => 'here you set a new password for your account:'],
        'move' => ['subject' => 'Your new address', 'text' => 'somebody, most likely you, wants to sign in with this address from now on. Here you say that it is yours:'],
        'moved' => ['subject' => 'Your address was changed', 'text' => 'your account is signed in to with another address from now on. If that was not you, ask whoever runs this Cresco for help at once.'],
        'password' => ['subject' => 'Your password was changed', 'text' => 'the password of your account was changed, and every other device was signed out. If that was not you, ask for a new password on the sign-in page at once.'],
        'gone' => ['subject' => 'Your account is gone', 'text' => 'your account was deleted with all that was kept in it. If that was not you, tell whoever runs this Cresco: a backup may still have it.'],
    ],
];
