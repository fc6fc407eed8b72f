<?php

declare(strict_types=1);

namespace App\View;

/** Where values stand in a drawing, along one direction. */
final readonly class Axis
{
    /** Least difference of its ends, so that one value alone has a place. */
    private const LEAST = 1e-9;

    /**
     * @param float $low    value at its beginning
     * @param float $high   value at its end, above that
     * @param float $from   place of the beginning
     * @param float $to     place of the end, to either side
     * @param float $beyond share of its length by which what lies further out may still stand outside
     */
    public function __construct(public float $low, public float $high, public float $from, public float $to, private float $beyond = 0.0) {}

    /** The place of a value, to a tenth of a unit; what lies further out stands at the end. */
    public function at(float $value): float
    {
        $share = ($value - $this->low) / max(self::LEAST, $this->high - $this->low);

        return round($this->from + ($this->to - $this->from) * max(-$this->beyond, min(1.0 + $this->beyond, $share)), 1);
    }
}
