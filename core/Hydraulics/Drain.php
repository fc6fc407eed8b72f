<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

/** A tank drained by a hose. */
final readonly class Drain
{
    /**
     * @param float $seconds INF when the flow stops before the mark
     * @param float $first   L/min at the start
     * @param float $last    L/min at the end
     * @param float $litres  that run out
     * @param bool  $arrives whether the mark is reached
     */
    public function __construct(public float $seconds, public float $first, public float $last, public float $litres, public bool $arrives) {}

    public function minutes(): float
    {
        return $this->seconds / 60.0;
    }
}
