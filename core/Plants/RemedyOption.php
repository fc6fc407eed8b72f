<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What may be done with a plant group that fails. */
enum RemedyOption: string
{
    case Uncover = 'uncover';
    case Move = 'move';
    case Change = 'change';
    case Remove = 'remove';
}
