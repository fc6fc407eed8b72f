<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** What is held of a level before anything was read. House defaults, in the base unit of its parameter. */
final readonly class LevelPrior
{
    /**
     * @param float $source    what a tap that was never read may hold
     * @param float $sourceOff by how much that may be off, a standard deviation
     * @param float $floor     by which a reading is off at the least, a standard deviation: what a chart shows near nothing
     * @param float $rate      by which what comes and goes unseen may be off in a day, a standard deviation
     * @param float $top       highest level that anything unwritten may bring, and that a slip may show
     */
    public function __construct(public float $source, public float $sourceOff, public float $floor, public float $rate, public float $top) {}

    /** The same where only a share of it comes and goes. */
    public function times(float $share): self
    {
        return new self($this->source, $this->sourceOff, $this->floor, $share * $this->rate, $this->top);
    }
}
