<?php

declare(strict_types=1);

return [
    'field' => [
        'it_is_right' => 'it is right',
    ],
    'layout' => [
        'skip_to_content' => 'Skip to content', 'skip_to_the' => 'Skip to the main action', 'cresco_today' => 'Cresco, Today', 'pages_of' => 'Pages of :tank', 'more' => 'More',
        'places' => 'Places', 'today_4' => 'Today', 'week' => 'Week', 'mix_water_4' => 'Mix water', 'supplies' => 'Supplies', 'log' => 'Log', 'settings' => 'Settings',
        'sign_out' => 'Sign out', 'keyboard_shortcuts' => 'Keyboard shortcuts', 'this_list' => 'this list', 'today' => 'today', 'the_week' => 'the week', 'mix_water' => 'mix water',
        'then' => 'then', 'overview_water_change' => 'overview, water change, plants, fertilising, problems, log, test (in a tank)',
        'on_the_drain' => 'on the drain line: one litre less, one more; on a trim line: five millimetres', 'space' => 'space', 'or' => 'or',
        'checklist_step_done' => 'checklist: step done, back', 'charts_earlier_later' => 'charts: earlier, later, zoom in, zoom out', 'esc' => 'Esc', 'close' => 'close',
    ],
    'supplies_nav' => [
        'supplies' => 'Supplies',
    ],
    'taking_in' => [
        'how_much_of' => 'How much of the file is read', 'reading_the_file' => 'Reading the file …',
    ],
    'exchange' => [
        'import_and_export' => 'Import and export', 'as_json' => 'As JSON', 'as_csv' => 'As CSV', 'import_from_a' => 'Import :what from a file',
        'json_by_the' => 'JSON by the schema in docs/schema/:what.schema.json, or CSV as Cresco exports it. A file with an error is refused as a whole.',
    ],
    'pages' => [
        'pages' => 'Pages', 'newer' => 'Newer', 'older' => 'Older',
    ],
    'pen_age' => [
        'calibrate_it_today' => 'calibrate it today',
    ],
    'read_row' => [
        'untested' => 'no result',
        'on_the_colour' => ':what on the colour chart', 'it_is_right' => 'it is right', 'last' => 'last :what, :day ·',
    ],
    'section' => [
        'unnamed' => 'the tank',
        'of' => 'Drawing of :tank',
        'waterline_below_the' => 'waterline, :level below the rim', 'drain_mark' => 'Drain mark',
    ],
    'time' => [
        'yours' => 'your time, :zone',
    ],
    'supplies_pages' => [
        'spare_cuttings' => 'Spare cuttings',
        'source_waters' => 'Source waters',
        'products' => 'Products',
        'supplies' => 'In stock',
    ],
    'tone' => ['beyond' => 'Warning:', 'heed' => 'Caution:', 'good' => 'Good:', 'note' => 'Note:'],
    'safety' => '{1} Safety: one more|[2,*] Safety: :count more',
];
