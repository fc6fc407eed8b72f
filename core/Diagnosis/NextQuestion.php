<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** A question that is worth its answer. */
final readonly class NextQuestion
{
    /**
     * @param float $gain   bits that the answer is expected to tell
     * @param bool  $danger whether it is asked because a danger is not ruled out
     */
    public function __construct(public Observation $sign, public float $gain, public bool $danger = false) {}

    /** What it tells less what it costs, bits. */
    public function worth(): float
    {
        return $this->gain - $this->sign->effort->bits();
    }
}
