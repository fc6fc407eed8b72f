<?php

declare(strict_types=1);

namespace App\Models;

/** What an inquiry is about. */
enum About: string
{
    case Growth = 'growth';
    case Leaves = 'leaves';
}
