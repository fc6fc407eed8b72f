<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Nutrient;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** What leaves a tank with the plants that are cut. */
final class TakenOut
{
    /** Dry mass over fresh, drained. House default. */
    public const DRY = 0.07;

    /**
     * Nutrients in so much of fresh plants, and what they were as nitrate and phosphate in the water.
     *
     * @param float $fresh  g, drained
     * @param float $litres of the water
     *
     * @throws PlantsFault
     */
    public static function of(float $fresh, float $litres): Computation
    {
        if (!($fresh >= 0.0 && $fresh <= 1e6 && $litres > 0.01 && $litres <= 1e6)) {
            throw PlantsFault::mass();
        }

        return Computation::of('What the cut takes out')
            ->given('fresh', 'fresh plants, drained', $fresh, 'g')
            ->given('V', 'water', $litres, 'L')
            ->constant('d', 'dry over fresh', new Normal(self::DRY, 0.02 / 1.2816), '×', 'house default', Grade::Guess)
            ->constant('n', 'nitrogen in dry plants', new Normal(Nutrient::NITROGEN, 0.01 / 1.2816), '×', 'house default; below 0.013 it starves (Gerloff and Krombholz, 1966)', Grade::Guess)
            ->constant('p', 'phosphorus in dry plants', new Normal(Nutrient::PHOSPHORUS, 0.0015 / 1.2816), '×', 'house default; below 0.0013 it starves (Gerloff and Krombholz, 1966)', Grade::Guess)
            ->constant('k', 'potassium in dry plants', new Normal(Nutrient::POTASSIUM, 0.015 / 1.2816), '×', 'house default', Grade::Guess)
            ->constant('no3', 'nitrate in nitrogen', MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar masses (IUPAC)')
            ->constant('po4', 'phosphate in phosphorus', MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 'g/g', 'molar masses (IUPAC)')
            ->line('dry = 1000 * fresh * d', 'dry mass', 'mg')
            ->line('P = dry * p', 'phosphorus', 'mg')
            ->line('K = dry * k', 'potassium', 'mg')
            ->line('N = dry * n', 'nitrogen', 'mg')
            ->line('phosphate = P * po4 / V', 'as phosphate', 'mg/L')
            ->line('nitrate = N * no3 / V', 'as nitrate', 'mg/L');
    }
}
