<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Measure\Parameter;

/** The largest share of new water that one change may bring, and what sets it. */
final readonly class Allowance
{
    /**
     * @param float          $share  0 to 1
     * @param Parameter|null $by     whose swing sets it; null when none does
     * @param list<Untested> $unread tests that would free it, where what nobody read sets it
     */
    public function __construct(public float $share, public ?Parameter $by = null, public array $unread = []) {}
}
