<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/** Student's distribution as seen from the bell curve. */
final class StudentBell
{
    /**
     * Deviations of the bell curve that are as rare as $t is with so many degrees of freedom, within 0.02 of them; of two degrees
     * within 0.03, of one within 0.12.
     *
     * Source: Wallace (1959), Bounds on normal approximations to Student's and the chi-square distributions.
     *
     * @param float $freedom 1 and more
     */
    public static function deviations(float $t, float $freedom): float
    {
        $size = (8.0 * $freedom + 1.0) / (8.0 * $freedom + 3.0) * sqrt($freedom * log(1.0 + $t * $t / $freedom));

        return $t < 0.0 ? -$size : $size;
    }
}
