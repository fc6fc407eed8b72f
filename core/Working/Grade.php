<?php

declare(strict_types=1);

namespace Cresco\Core\Working;

/** How well a rule or a constant is known. */
enum Grade: string
{
    case Measured = 'measured';
    case Consensus = 'consensus';
    case Contested = 'contested';
    case Guess = 'guess';

    public function meaning(): string
    {
        return match ($this) {
            self::Measured => 'from the literature or from chemistry',
            self::Consensus => 'most keepers agree',
            self::Contested => 'keepers differ',
            self::Guess => 'a starting value until your log knows better',
        };
    }
}
