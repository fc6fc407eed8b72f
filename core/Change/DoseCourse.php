<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

/** The level that equal doses after equal changes settle at; uptake is constant and stops at nothing. mg/L. */
final readonly class DoseCourse
{
    private function __construct(public float $high, public float $low, public bool $runsOut, public float $ceiling) {}

    /**
     * @param float $dose     mg/L right after each change
     * @param float $uptake   mg/L a day
     * @param float $fraction above 0 to 1
     * @param float $days     between changes
     * @param float $source   mg/L in the change water
     */
    public static function settled(float $dose, float $uptake, float $fraction, float $days, float $source): self
    {
        if (!(min($dose, $uptake, $source) >= 0.0 && $days > 0.0 && max($dose, $uptake, $source, $days) < INF)) {
            throw ChangeFault::amount();
        }
        if (!($fraction > 0.0 && $fraction <= 1.0)) {
            throw ChangeFault::fraction($fraction);
        }
        $high = $source + ($dose - (1.0 - $fraction) * $days * $uptake) / $fraction;
        $low = $high - $days * $uptake;
        if ($low < 0.0) {
            return new self($fraction * $source + $dose, 0.0, true, $source + $dose / $fraction);
        }

        return new self($high, $low, false, $source + $dose / $fraction);
    }
}
