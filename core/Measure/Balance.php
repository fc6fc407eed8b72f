<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** How a day-by-day balance of one parameter is held against its readings. House defaults. */
final readonly class Balance
{
    /**
     * @param float $looseShare what the balance does not know of a level (shares, sources and days that differ), as a share of it
     * @param float $loose      the same beside that, in the base unit
     * @param float $span       what a kit commonly shows from end to end, in the base unit: a slip may lie anywhere in it
     */
    public function __construct(public float $looseShare, public float $loose, public float $span) {}
}
