<?php

declare(strict_types=1);

namespace Cresco\Core\Livestock;

use Cresco\Core\Fertilising\Meal;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\ExactValue;

/** What the animals of a tank eat and give off, and how many may move in. */
final class Stocking
{
    /** Percent of protein in food as it is fed, when nobody said. House default. */
    public const PROTEIN = 42.0;

    /** Share of what a filter has shown to take that the first fish may bring. House default. */
    public const FIRST = 0.5;

    /** Litres for each of the first shrimp, at least. House default. */
    private const LITRES_A_SHRIMP = 4.0;

    /** Litres for each snail. House default. */
    private const LITRES_A_SNAIL = 10.0;

    /** mg/L of nitrate in a day that a tank makes of what its animals are fed, before plants take of it; with working. */
    public static function nitrate(float $food, float $litres, float $protein = self::PROTEIN): Computation
    {
        return Meal::of($food, $protein, $litres);
    }

    /**
     * How many of a kind may be the first, from the nitrogen that the filter has shown to take in a day.
     *
     * @param float $shown  mg/L N a day, 0 or more
     * @param float $litres net, above 0
     */
    public static function first(AnimalKind $kind, float $shown, float $litres): int
    {
        if (!($shown >= 0.0) || !($litres > 0.0)) {
            throw LivestockFault::range();
        }
        if ($kind->sort === 'snail') {
            return (int) max(1, floor($litres / self::LITRES_A_SNAIL));
        }
        if ($kind->sort === 'shrimp') {
            return (int) max(min($kind->least, 5), min(2 * $kind->least, floor($litres / self::LITRES_A_SHRIMP)));
        }

        return (int) floor(min(1e6, self::working($kind, $shown, $litres)->value('count')));
    }

    /** How many fish the nitrogen that a filter has shown to take in a day bears, with its working. */
    public static function working(AnimalKind $kind, float $shown, float $litres): Computation
    {
        if (!($shown >= 0.0) || !($litres > 0.0)) {
            throw LivestockFault::range();
        }

        return Computation::of('stocking.title')
            ->given('N', 'stocking.nitrogen_that_filter_had_to_take', new ExactValue($shown), 'mg/L')
            ->given('V', 'stocking.water', new ExactValue($litres), 'L')
            ->constant('food', 'stocking.dry_food_that_one_given_in', $kind->food(), 'mg', 'two_percent_of_its_weight_when', Grade::Guess)
            ->constant(
                'each',
                'stocking.nitrogen_that_one_gives_off_in',
                max(1e-6, Meal::of($kind->food() / 1000.0, self::PROTEIN, $litres)->value('N')),
                'mg',
                'its_food_protein_share_that_given',
            )
            ->constant('k', 'stocking.share_that_first_may_bring', self::FIRST, '×', 'house_default', Grade::Guess)
            ->line('count = k * N * V / each', 'stocking.at_most', '');
    }
}
