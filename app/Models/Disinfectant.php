<?php

declare(strict_types=1);

namespace App\Models;

/** What a utility puts into tap water so that it stays clean in the pipes. */
enum Disinfectant: string
{
    case Chlorine = 'chlorine';
    case Chloramine = 'chloramine';
    case None = 'none';
}
