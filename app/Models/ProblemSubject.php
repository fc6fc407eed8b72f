<?php

declare(strict_types=1);

namespace App\Models;

/** What a problem is about. */
enum ProblemSubject: string
{
    case Growth = 'growth';
    case Leaves = 'leaves';
}
