<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

/** What a step keeps busy: the keeper's hands, or only the water. */
enum Lane: string
{
    case Hands = 'hands';
    case Water = 'water';
}
