<?php

declare(strict_types=1);

namespace Cresco\Core\Formula;

/** How well a rule or a constant is known. */
enum Grade: string
{
    case Measured = 'measured';
    case Consensus = 'consensus';
    case Contested = 'contested';
    case Guess = 'guess';
}
