<?php

declare(strict_types=1);

return [
    'save' => 'Save', 'delete' => 'Delete', 'edit' => 'Edit', 'undo' => 'Undo', 'test' => 'Test', 'calibrate' => 'Calibrate', 'add' => 'Add', 'done' => 'Done',
    'cancel' => 'Cancel', 'work_out' => 'Work it out', 'plan' => 'Plan it', 'working' => 'How is this worked out?', 'print' => 'Print', 'import' => 'Import', 'close' => 'Close', 'back' => 'Back', 'name' => 'Name', 'note' => 'Note',
];
