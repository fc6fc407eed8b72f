<?php

declare(strict_types=1);

namespace Cresco\Core\Checklist;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;

/** How much peroxide a spot treatment at low water may bring: it spreads through what is left in the tank. */
final class Peroxide
{
    /** mL of a solution of 3 % for each litre that is in the tank, at most. House default. */
    private const MOST = 0.25;

    /** Part of that where shrimp, fry, mosses or fine leaves live. House default. */
    private const SENSITIVE = 0.4;

    /**
     * mL of a solution of 3 %, at most.
     *
     * @param float $litres left in the tank, 0 and more
     *
     * @throws ChecklistFault when the litres are none
     */
    public static function most(float $litres, bool $isSensitive): float
    {
        return self::working($litres, $isSensitive)->value('most');
    }

    /**
     * The same as a working; the symbol is most.
     *
     * @throws ChecklistFault when the litres are none
     */
    public static function working(float $litres, bool $isSensitive): Computation
    {
        if (!($litres >= 0.0 && $litres < INF)) {
            throw ChecklistFault::litres();
        }

        return Computation::of('peroxide.title')
            ->given('V', 'peroxide.water_that_left_at_mark', $litres, 'L')
            ->constant('k', 'peroxide.of_solution_of_3_for_each', self::MOST, 'mL/L', 'house_default', Grade::Guess)
            ->constant('s', 'peroxide.part_of_it_for_these_animals', $isSensitive ? self::SENSITIVE : 1.0, '', 'house_default', Grade::Guess)
            ->line('most = V * k * s', 'peroxide.in_all_at_most', 'mL');
    }
}
