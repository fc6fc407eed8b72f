<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Measure\Normal;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** How much of a nutrient has to go in between two changes so that the level before each settles where a school wants it. */
final class Wanted
{
    /**
     * Level before a change: L; after it and the dose: (1 - f) L + f s + D; and n days of the net rate lead back to L. So D = f (L - s) - n r.
     *
     * @param float  $aim    level before each change, mg/L
     * @param Normal $rate   made in a day, mg/L; below 0 for what is taken up
     * @param float  $share  of the water at each change, above 0 to 1
     * @param float  $days   between changes, 1 to 365
     * @param Normal $source in the new water, mg/L
     *
     * @throws FoodFault
     */
    public static function between(string $nutrient, float $aim, Normal $rate, float $share, float $days, Normal $source): Computation
    {
        if (!($share > 0.0 && $share <= 1.0 && $days >= 1.0 && $days <= 365.0)) {
            throw FoodFault::routine();
        }
        if (!($aim >= 0.0 && $aim < INF)) {
            throw FoodFault::event();
        }

        return Computation::of(ucfirst($nutrient).' to be given between two changes')
            ->given('f', 'share of the water at each change', $share, '')
            ->given('n', 'days from change to change', $days, 'days')
            ->constant('L', 'level before each change', $aim, 'mg/L', 'the school that the tank follows', Grade::Guess)
            ->constant('s', $nutrient.' in the new water', $source, 'mg/L', 'its last reading, its analysis, or what a tap that was never read may hold', null)
            ->constant('r', 'made in a day with what the animals are fed; below 0 for what is taken up or lost', $rate, 'mg/L', 'its course, from readings, changes, doses and meals', null)
            ->line('D = max(0, f * (L - s) - n * r)', 'to be given', 'mg/L');
    }

    /**
     * How much of a nutrient goes in after one change so that it lies at its aim before the next: what is left of the aim, and what the days
     * till then take.
     *
     * @param float  $aim   level before the next change, mg/L
     * @param Normal $now   level before this change, mg/L
     * @param Normal $rate  made in a day, mg/L; below 0 for what is taken up
     * @param float  $share of the water that is changed, 0 to 1
     * @param float  $days  until the next change, 1 to 365
     *
     * @throws FoodFault
     */
    public static function afterChange(string $nutrient, float $aim, Normal $now, Normal $rate, float $share, float $days, Normal $source): Computation
    {
        if (!($share >= 0.0 && $share <= 1.0 && $days >= 1.0 && $days <= 365.0)) {
            throw FoodFault::routine();
        }
        if (!($aim >= 0.0 && $aim < INF)) {
            throw FoodFault::event();
        }

        return Computation::of(ucfirst($nutrient).' to be given after this change')
            ->given('f', 'share of the water', $share, '')
            ->constant('c', $nutrient.' before it', $now, 'mg/L', 'its course, from readings, changes, doses and meals', null)
            ->constant('s', $nutrient.' in the new water', $source, 'mg/L', 'its last reading, its analysis, or what a tap that was never read may hold', null)
            ->line('A = (1 - f) * c + f * s', 'after the change', 'mg/L')
            ->constant('L', 'level before the next change', $aim, 'mg/L', 'the school that the tank follows', Grade::Guess)
            ->given('n', 'days until the next change', $days, 'days')
            ->constant('r', 'made in a day with what the animals are fed; below 0 for what is taken up or lost', $rate, 'mg/L', 'its course, from readings, changes, doses and meals', null)
            ->line('D = max(0, L - A - n * r)', 'to be given', 'mg/L');
    }
}
