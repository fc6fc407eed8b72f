<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What a cut of a form goes by. */
enum CutBy: string
{
    case Height = 'height';
    case Leaves = 'leaves';
    case Thickness = 'thickness';
    case Cover = 'cover';
}
