<?php

declare(strict_types=1);

namespace App\Drawing;

/** A value at a moment, with the ends of its spread, as a chart shows it. */
final readonly class ChartPoint
{
    public float $low;

    public float $high;

    /**
     * @param float      $at    seconds since 1970
     * @param float      $value in the keeper's unit
     * @param float|null $low   10th percentile, in the same unit; the value itself where it has no spread
     * @param float|null $high  90th percentile
     * @param string     $said  what is told when it is pointed at; empty where nothing is
     */
    public function __construct(
        public float $at,
        public float $value,
        ?float $low = null,
        ?float $high = null,
        public string $said = '',
        public bool $isMissed = false,
    ) {
        $this->low = $low ?? $value;
        $this->high = $high ?? $value;
    }
}
