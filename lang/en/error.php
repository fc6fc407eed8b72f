<?php

declare(strict_types=1);

return [
    'today' => 'To Today', 'account' => 'To your account and its data', 'back' => 'Back',
    'unreadable' => ['title' => 'Not readable', 'head' => 'Part of your input could not be read', 'why' => 'A character is damaged. Nothing was saved.'],
    'nothing' => ['title' => 'Not found', 'head' => 'This page does not exist', 'why' => 'It was deleted, or the address is mistyped.'],
    'often' => ['title' => 'Too often', 'head' => 'That was too often', 'why' => 'Wait a minute, then try again. Nothing was lost.'],
    'fault' => ['title' => 'Error', 'head' => 'Something went wrong', 'why' => 'This is an error in Cresco, not yours, and it is in the server log. Everything you saved before is there; your last input may not be.'],
    'moment' => ['title' => 'One moment', 'head' => 'One moment', 'why' => 'Cresco is being updated and will be back shortly. Nothing is lost; try again in a little while.'],
    'impossible' => ['title' => 'That cannot be', 'head' => 'That cannot be.', 'why' => 'Nothing was changed. Go back and try other values.'],
    'unwritten' => 'Go back: what you typed is still there.',
];
