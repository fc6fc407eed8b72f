<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** The highest that a course came to, and when. */
final class NitrogenPeak
{
    public float $day = 0.0;

    public float $value = 0.0;

    public function see(float $day, float $value): void
    {
        if ($value > $this->value && is_finite($value) && is_finite($day)) {
            [$this->day, $this->value] = [$day, $value];
        }
    }
}
