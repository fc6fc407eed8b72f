<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

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
     * @throws FoodFault
     */
    public static function of(float $grams, float $protein, float $litres, ?float $released = null): Computation
    {
        if (!($grams >= 0.0 && $grams <= 1000.0 && $protein >= 0.0 && $protein <= 100.0 && $litres > 0.01 && $litres < 1e6)) {
            throw FoodFault::meal();
        }
        [$share, $off] = $released === null ? self::RELEASED : [$released, 0.0];

        return Computation::of('What the food of the animals brings')
            ->given('g', 'food in a day', $grams, 'g')
            ->given('protein', 'protein as fed', $protein, '%')
            ->given('V', 'water', $litres, 'L')
            ->constant('n', 'nitrogen in protein', self::NITROGEN, '×', 'protein is 16 % nitrogen')
            ->constant('s', 'share that the animals give off', new Normal($share, $off), '×', 'house default', Grade::Guess)
            ->constant('p', 'phosphorus in dry food', new Normal(self::PHOSPHORUS[0], self::PHOSPHORUS[1]), '×', 'house default', Grade::Guess)
            ->constant('no3', 'nitrate in nitrogen', MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar masses (IUPAC)')
            ->constant('po4', 'phosphate in phosphorus', MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 'g/g', 'molar masses (IUPAC)')
            ->constant('a', 'alkalinity for nitrogen', self::ALKALINITY, 'meq/mg', 'two equivalents for each mol that is nitrified; plants that take up nitrate give one back')
            ->constant('o', 'oxygen for nitrogen', self::OXYGEN, 'mg/mg', 'stoichiometry of nitrification')
            ->line('N = 1000 * g * protein / 100 * n * s', 'nitrogen that is given off', 'mg a day')
            ->line('phosphate = 1000 * g * p * s * po4 / V', 'phosphate', 'mg/L a day')
            ->line('alkalinity = N * a / V', 'alkalinity used, at most', 'meq/L a day')
            ->line('oxygen = N * o / V', 'oxygen used, at most', 'mg/L a day')
            ->line('nitrate = N * no3 / V', 'nitrate', 'mg/L a day');
    }
}
