<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** What a placing costs, by what it costs for. */
final readonly class PlacementCost
{
    /**
     * @param float $late  of days late
     * @param float $early of days early
     * @param float $over  of minutes over what the days have
     * @param float $used  of minutes of work, those to set up among them
     */
    public function __construct(public float $late, public float $early, public float $over, public float $used) {}

    public function total(): float
    {
        return $this->late + $this->early + $this->over + $this->used;
    }

    public function less(self $other): self
    {
        return new self($this->late - $other->late, $this->early - $other->early, $this->over - $other->over, $this->used - $other->used);
    }

    /** Minutes over. */
    public function minutesOver(): int
    {
        return (int) round($this->over / Placing::OVER);
    }

    /** Minutes of work. */
    public function minutes(): int
    {
        return (int) round($this->used / Placing::USED);
    }
}
