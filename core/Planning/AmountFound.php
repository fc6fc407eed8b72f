<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** How much there was to do when a job was done. */
enum AmountFound: string
{
    case Little = 'little';
    case Expected = 'expected';
    case Much = 'much';

    /** Times the days since the last turn after which it would have been just right. House defaults. */
    private const TIMES = ['little' => 1.4, 'expected' => 1.0, 'much' => 0.7];

    public function times(): float
    {
        return self::TIMES[$this->value];
    }
}
