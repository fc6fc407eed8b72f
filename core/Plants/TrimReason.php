<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** Why a plant group is due. */
enum TrimReason: string
{
    case Surface = 'surface';
    case Shade = 'shade';
    case Wish = 'wish';
    case Thick = 'thick';
    case Cover = 'cover';
    case Branch = 'branch';
    /** So dense that it takes the light of another. */
    case Dense = 'dense';
}
