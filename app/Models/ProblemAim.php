<?php

declare(strict_types=1);

namespace App\Models;

/** How much of it a keeper wants where it grows. */
enum ProblemAim: string
{
    case None = 'none';
    case Some = 'some';
    case Wanted = 'wanted';
}
