<?php

declare(strict_types=1);

namespace Cresco\Core\Numeric;

/** The bell curve as a function. */
final class NormalTail
{
    /**
     * Share of cases at or below $z standard deviations, absolute error under 1e-7.
     *
     * Source: Abramowitz and Stegun (1964), Handbook of Mathematical Functions, 26.2.17.
     */
    public static function below(float $z): float
    {
        $t = 1.0 / (1.0 + 0.2316419 * abs($z));
        $tail = exp(-0.5 * $z * $z) * 0.3989422804014327
            * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $z > 0.0 ? 1.0 - $tail : $tail;
    }
}
