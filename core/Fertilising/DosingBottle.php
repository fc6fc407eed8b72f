<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Formula\Computation;

/** The bottle that a doser draws from. */
final class DosingBottle
{
    /**
     * Days until it is empty, whole ones from the day on which it was filled.
     *
     * @param float $filled in the unit of the dose, 0 or more
     * @param float $each   what is really given each time, above 0
     * @param int   $every  days from one dose to the next, 1 or more
     * @param int   $since  days since it was filled
     *
     * @throws FertilisingFault
     */
    public static function empty(float $filled, float $each, int $every, int $since, string $unit): Computation
    {
        if (!($filled >= 0.0 && $filled < 1e7 && $each > 0.0 && $each < 1e6) || $every < 1) {
            throw FertilisingFault::feed();
        }

        return Computation::of('doser_bottle.title')
            ->given('B', 'doser_bottle.filled_with', $filled, $unit)
            ->given('d', 'doser_bottle.given_each_time', $each, $unit)
            ->given('n', 'doser_bottle.from_one_dose_to_next', (float) $every, 'd')
            ->given('t', 'doser_bottle.since_it_was_filled', (float) $since, 'd')
            ->line('lasts = B / d * n', 'doser_bottle.bottle_lasts', 'd')
            ->line('left = lasts - t', 'doser_bottle.empty_in', 'd');
    }
}
