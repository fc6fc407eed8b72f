<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Working\Computation;

/** The bottle that a doser draws from. */
final class DoserBottle
{
    /**
     * Days until it is empty, whole ones from the day on which it was filled.
     *
     * @param float  $filled in the unit of the dose, 0 or more
     * @param float  $each   what is really given each time, above 0
     * @param int    $every  days from one dose to the next, 1 or more
     * @param int    $since  days since it was filled
     *
     * @throws FoodFault
     */
    public static function empty(float $filled, float $each, int $every, int $since, string $unit): Computation
    {
        if (!($filled >= 0.0 && $filled < 1e7 && $each > 0.0 && $each < 1e6) || $every < 1) {
            throw FoodFault::feed();
        }

        return Computation::of('When the bottle is empty')
            ->given('B', 'filled with', $filled, $unit)
            ->given('d', 'given each time', $each, $unit)
            ->given('n', 'from one dose to the next', (float) $every, 'days')
            ->given('t', 'since it was filled', (float) $since, 'days')
            ->line('lasts = B / d * n', 'a bottle lasts', 'days')
            ->line('left = lasts - t', 'empty in', 'days');
    }
}
