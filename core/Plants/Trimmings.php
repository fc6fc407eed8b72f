<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Nutrient;

/** What leaves a tank with the plants that are cut. */
final class Trimmings
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

        return Computation::of('taken_out.title')
            ->given('fresh', 'taken_out.fresh_plants_drained', $fresh, 'g')
            ->given('V', 'taken_out.water', $litres, 'L')
            ->constant('d', 'taken_out.dry_over_fresh', new NormalValue(self::DRY, 0.02 / 1.2816), '×', 'house_default', Grade::Guess)
            ->constant(
                'n',
                'taken_out.nitrogen_in_dry_plants',
                new NormalValue(Nutrient::NITROGEN, 0.01 / 1.2816),
                '×',
                'house_default_below_0_013_it',
                Grade::Guess,
            )
            ->constant(
                'p',
                'taken_out.phosphorus_in_dry_plants',
                new NormalValue(Nutrient::PHOSPHORUS, 0.0015 / 1.2816),
                '×',
                'house_default_below_0_0013_it',
                Grade::Guess,
            )
            ->constant('k', 'taken_out.potassium_in_dry_plants', new NormalValue(Nutrient::POTASSIUM, 0.015 / 1.2816), '×', 'house_default', Grade::Guess)
            ->constant('no3', 'taken_out.nitrate_in_nitrogen', MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar_masses_iupac')
            ->constant('po4', 'taken_out.phosphate_in_phosphorus', MassConcentration::PHOSPHATE_PER_PHOSPHORUS, 'g/g', 'molar_masses_iupac')
            ->line('dry = 1000 * fresh * d', 'taken_out.dry_mass', 'mg')
            ->line('P = dry * p', 'taken_out.phosphorus', 'mg')
            ->line('K = dry * k', 'taken_out.potassium', 'mg')
            ->line('N = dry * n', 'taken_out.nitrogen', 'mg')
            ->line('phosphate = P * po4 / V', 'taken_out.as_phosphate', 'mg/L')
            ->line('nitrate = N * no3 / V', 'taken_out.as_nitrate', 'mg/L');
    }
}
