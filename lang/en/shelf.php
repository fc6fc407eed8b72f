<?php

declare(strict_types=1);

return [
    'dose_units' => ['drop' => 'drop|drops', 'cap' => 'cap|caps', 'scoop' => 'scoop|scoops', 'teaspoon' => 'teaspoon|teaspoons', 'tablespoon' => 'tablespoon|tablespoons'],
    'measured_with' => 'measured in',
    'product' => 'Product', 'for_this_change' => 'for this change', 'of_for_this_change' => 'of :name for this change',
    'use' => 'Use :name from now on',
];
