<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;

/** What the food of the animals brings into the water. */
final class Meal
{
    /** Share of its protein that is nitrogen, by the usual factor of 6.25. */
    private const NITROGEN = 0.16;

    /** Share of the nitrogen and phosphorus of a meal that the animals give off, and by how much that may be off. House defaults. */
    public const RELEASED = [0.7, 0.15];

    /** Share of phosphorus in dry food, and by how much that may be off. House defaults. */
    private const PHOSPHORUS = [0.012, 0.003];

    /** meq of alkalinity used for a mg of nitrogen on its way to nitrate: 2 for each mol. */
    private const ALKALINITY = 0.1428;

    /** mg of oxygen used for a mg of nitrogen on its way to nitrate. */
    private const OXYGEN = 4.57;

    /**
     * @param float $grams    of food a day
     * @param float $protein  percent as fed
     * @param float $litres   of the water
     * @param float $released share of the nitrogen that is given off, 0 to 1
     *
     * @throws FertilisingFault
     */
    public static function of(float $grams, float $protein, float $litres, ?float $released = null): Computation
    {
        if (!($grams >= 0.0 && $grams <= 1000.0 && $protein >= 0.0 && $protein <= 100.0 && $litres > 0.01 && $litres < 1e6)) {
            throw FertilisingFault::meal();
        }
        [$share, $off] = $released === null ? self::RELEASED : [$released, 0.0];

        return Computation::of('meal.title')
            ->given('g', 'meal.food_in_day', $grams, 'g')
            ->given('protein', 'meal.protein_as_fed', $protein, '%')
            ->given('V', 'meal.water', $litres, 'L')
            ->constant('n', 'meal.nitrogen_in_protein', self::NITROGEN, '×', 'protein_16_nitrogen')
            ->constant('s', 'meal.share_that_animals_give_off', new NormalValue($share, $off), '×', 'house_default', Grade::Guess)
            ->constant('p', 'meal.phosphorus_in_dry_food', new NormalValue(self::PHOSPHORUS[0], self::PHOSPHORUS[1]), '×', 'house_default', Grade::Guess)
            ->constant('no3', 'meal.nitrate_in_nitrogen', MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar_masses_iupac')
            ->constant('po4', 'meal.phosphate_in_phosphorus', MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 'g/g', 'molar_masses_iupac')
            ->constant('a', 'meal.alkalinity_for_nitrogen', self::ALKALINITY, 'meq/mg', 'two_equivalents_for_each_mol_that')
            ->constant('o', 'meal.oxygen_for_nitrogen', self::OXYGEN, 'mg/mg', 'stoichiometry_of_nitrification')
            ->line('N = 1000 * g * protein / 100 * n * s', 'meal.nitrogen_that_given_off', 'mg/d')
            ->line('phosphate = 1000 * g * p * s * po4 / V', 'meal.phosphate', 'mg/L/d')
            ->line('alkalinity = N * a / V', 'meal.alkalinity_used_at_most', 'meq/L/d')
            ->line('oxygen = N * o / V', 'meal.oxygen_used_at_most', 'mg/L/d')
            ->line('nitrate = N * no3 / V', 'meal.nitrate', 'mg/L/d');
    }
}
