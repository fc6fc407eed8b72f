<?php

declare(strict_types=1);

return [
    'failed' => 'Wrong email or password.',
    'begin' => [
        'new_account' => 'New account', 'for' => 'For :what.', 'your_name' => 'Your name', 'password' => 'Password', 'at_least_ten' => 'At least ten characters, and not a common one.',
        'password_again' => 'Password again', 'create_account' => 'Create account',
    ],
    'forgot' => [
        'forgot_your_password' => 'Forgot your password', 'enter_your_email' => 'Enter your email. We’ll send you a link to set a new password.', 'email' => 'Email',
        'send_the_link' => 'Send the link', 'back_to_sign' => 'Back to sign-in',
    ],
    'move' => [
        'new_email' => 'New email', 'from_now_on' => 'From now on you sign in with :what.', 'confirm' => 'Confirm',
    ],
    'reset' => [
        'email' => 'Email', 'new_password' => 'New password', 'at_least_ten' => 'At least ten characters, and not a common one.', 'new_password_again' => 'New password again',
        'change_password' => 'Change password',
    ],
    'sign_in' => [
        'test_plan_change' => 'Test, plan, change, check.', 'open_the_demo' => 'Open the demo', 'wren_with_seven' => 'Wren, with seven made-up tanks and half a year of log.',
        'email' => 'Email', 'password' => 'Password', 'keep_me_signed' => 'Keep me signed in on this device', 'sign_in' => 'Sign in', 'try_it_without' => 'Try it without an account',
        'create_an_account' => 'Create an account', 'forgot_your_password' => 'Forgot your password?',
    ],
    'sign_up' => [
        'create_an_account' => 'Create an account', 'enter_your_email' => 'Enter your email. We’ll email you a link to choose a name and a password.', 'email' => 'Email',
        'send_the_email' => 'Send the email', 'i_have_an' => 'I have an account',
    ],
];
