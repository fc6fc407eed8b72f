<?php

declare(strict_types=1);

namespace App\Models;

/** By what a keeper knows how much light a lamp gives. */
enum LampSource: string
{
    case Maker = 'maker';
    case Lumens = 'lumens';
    case Watts = 'watts';
}
