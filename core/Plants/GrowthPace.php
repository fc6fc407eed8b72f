<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** How fast a kind grows among those of its form. */
enum GrowthPace: string
{
    case Slow = 'slow';
    case Middling = 'middling';
    case Fast = 'fast';
}
