<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

/** A changed dose goes in steps, a week each, so that plants follow and what it does can be seen. */
final class DoseSteps
{
    /** Share by which a dose changes in a week at most. House default. */
    private const STEP = 0.5;

    /** Share of its goal that a dose begins with where there was none. House default. */
    private const BEGINS = 0.5;

    /** Days of a step. House default. */
    public const DAYS = 7;

    /** Days after the last step until which what it does is waited for. House default. */
    public const WAITS = 14;

    /** Steps at most; the last is the goal however far it is. */
    private const MOST = 6;

    /**
     * @param float $now  what is given each time today, 0 for nothing
     * @param float $goal what is to be given, above 0
     * @param float $step smallest amount that can be measured, above 0
     *
     * @return non-empty-list<float> amounts week by week, the goal last
     *
     * @throws FertilisingFault
     */
    public static function towards(float $now, float $goal, float $step): array
    {
        if (!($now >= 0.0 && $now < 1e6 && $goal > 0.0 && $goal < 1e6 && $step > 0.0 && $step < 1e6)) {
            throw FertilisingFault::feed();
        }
        $steps = [];
        $amount = $now;
        while (count($steps) < self::MOST - 1) {
            $amount = match (true) {
                $amount <= 0.0 => self::BEGINS * $goal,
                $goal > $amount => min($goal, (1.0 + self::STEP) * $amount),
                default => max($goal, (1.0 - self::STEP) * $amount),
            };
            $rounded = round(max($step, $step * round($amount / $step)), 9);
            if (abs($rounded - $goal) < 0.5 * $step) {
                break;
            }
            // A step that cannot be measured is none.
            if ($steps === [] ? abs($rounded - $now) >= 0.5 * $step : abs($rounded - $steps[count($steps) - 1]) >= 0.5 * $step) {
                $steps[] = $rounded;
            }
            if ($amount === $goal) {
                break;
            }
        }

        return [...$steps, $goal];
    }
}
