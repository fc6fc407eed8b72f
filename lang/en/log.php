<?php

declare(strict_types=1);

return [
    'page' => [
        'none' => 'Your tests, water changes and checklists appear here. Add notes yourself.',
        'none_of_kind' => 'Nothing of this kind yet.',
        'any_tank' => 'no tank',
        'title' => 'Log of :tank',
        'log_a_water' => 'Log a water change', 'all_results_as' => 'All results as CSV', 'kinds_of_entries' => 'Kinds of entries', 'all' => 'All', 'add_an_entry' => 'Add an entry',
        'kind' => 'Kind', 'tank' => 'Tank', 'when' => 'When', 'what_happened' => 'What happened', 'details' => 'Details', 'edit' => 'Edit “:what”', 'delete' => 'Delete “:what”',
    ],
    'edit' => [
        'title' => 'Edit: :what',
        'edit_entry' => 'Edit entry', 'log' => 'Log', 'what_happened' => 'What happened', 'when' => 'When', 'drained_in_all' => 'Drained in all',
        'empty_a_result' => 'Empty a result to delete it.', 'delete_this_entry' => 'Delete this entry',
    ],
];
