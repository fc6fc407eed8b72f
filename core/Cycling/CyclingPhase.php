<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** What is usual in some weeks of a cycling. */
final readonly class CyclingPhase
{
    /**
     * @param string   $key   of its words
     * @param int      $from  first week, counted from 1
     * @param int|null $until last week; null for without end
     */
    public function __construct(public string $key, public int $from, public ?int $until) {}

    public function isIn(int $week): bool
    {
        return $week >= $this->from && ($this->until === null || $week <= $this->until);
    }
}
