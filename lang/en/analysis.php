<?php

declare(strict_types=1);

/* What an analysis takes for granted where a figure is missing. */
return [
    'two_close' => ':one_label and :other are assumed to balance the charges, half each.',
    'closes' => ':one_label is assumed to balance the charges.',
    'sodium_salts' => 'Sodium salts are assumed to make up the rest of the conductivity.',
    'no_potassium' => 'Potassium is assumed to be 0.',
    'rest_of_hardness' => ':one_label is the rest of the hardness.',
    'four_fifths_calcium' => 'Four fifths of the hardness are assumed to be calcium.',
];
