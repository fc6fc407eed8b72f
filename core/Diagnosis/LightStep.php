<?php

declare(strict_types=1);

namespace Cresco\Core\Diagnosis;

/** Light that is taken back in steps: plants that lose too much at once suffer before the algae do. */
final class LightStep
{
    /** Share that one step takes, between a tenth and a quarter. House default. */
    public const SHARE = 0.2;

    /** Hours below which lamps are not set: plants starve. House default. */
    private const LEAST_HOURS = 5.0;

    /** Half hours, the steps of a timer. House default. */
    private const TIMER = 0.5;

    /**
     * Hours to set, one step down, on the steps of a timer; null when it is short already.
     *
     * @param float $hours given now, 0 to 24
     *
     * @throws AlgaeFault when they are no hours of a day
     */
    public static function hours(float $hours): ?float
    {
        if (!($hours >= 0.0 && $hours <= 24.0)) {
            throw AlgaeFault::step();
        }
        $next = max(self::LEAST_HOURS, floor((1.0 - self::SHARE) * $hours / self::TIMER) * self::TIMER);

        return $next < $hours ? $next : null;
    }
}
