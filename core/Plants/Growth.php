<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Text;

/** The rate of a plant group from its light, carbon dioxide, food, hours and temperature. */
final class Growth
{
    /** Light that only keeps it alive, µmol/m2s. House default. */
    public const COMPENSATION = 5.0;

    /** mg/L of carbon dioxide at half of what it can do. House default, of 2 to 8 measured. */
    public const HALF = 5.0;

    /** mg/L of carbon dioxide in a tank without gas, unless better is known. House default. */
    public const WITHOUT_GAS = 2.5;

    /** mg/L of carbon dioxide at which the usual rates hold. House default. */
    public const WITH_GAS = 30.0;

    /** What one that uses bicarbonate reaches at a KH above 3 at least, as a share. House default. */
    public const BICARBONATE = 0.45;

    /** meq/L of KH above which that holds: 3 degrees. House default. */
    public const BICARBONATE_FROM = 1.07;

    /** With gas a carpet closes in this share of the days. House default. */
    public const CLOSES = 0.33;

    /** mg/L of carbon dioxide from which on a tank counts as one with gas. House default. */
    public const IS_GAS = 10.0;

    /**
     * Rate where it is fastest, in the light at half its ceiling.
     *
     * @param float $usual         mm a week in good light with carbon dioxide
     * @param float $light         µmol/m2s at half the ceiling
     * @param float $carbonDioxide mg/L
     * @param float $hours         of light a day
     * @param float $celsius       of the water
     * @param float $food          share that the scarcest nutrient allows, 0 to 1
     * @param float $leastCarbon   share that it reaches without carbon dioxide, 0 to 1
     *
     * @throws PlantsFault
     */
    public static function rate(
        float $usual,
        LightDemand $demand,
        float $light,
        float $carbonDioxide,
        float $hours = 8.0,
        float $celsius = 24.0,
        float $food = 1.0,
        float $leastCarbon = 0.0,
    ): Computation {
        if (!(min(
            $usual,
            $light,
            $carbonDioxide,
            $hours,
            $food,
            $leastCarbon,
        ) >= 0.0 && max($usual, $light, $carbonDioxide) < 1e5 && $hours <= 24.0 && max($food, $leastCarbon) <= 1.0 && $celsius >= 0.0 && $celsius <= 45.0)) {
            throw PlantsFault::light();
        }

        return Computation::of('growth.title')
            ->given('usual', 'growth.usual_rate_in_good_light_with', $usual, 'mm a week', Grade::Guess)
            ->given('E', 'growth.light_at_half_its_ceiling', $light, 'µmol/m²s')
            ->given('C', 'growth.carbon_dioxide', $carbonDioxide, 'mg/L')
            ->given('hours', 'growth.light_day', $hours, 'h')
            ->given('T', 'growth.temperature', $celsius, '°C')
            ->given('food', 'growth.what_scarcest_nutrient_allows', $food, '×', Grade::Guess)
            ->given('least', 'growth.reached_by_bicarbonate_alone', $leastCarbon, '×', Grade::Guess)
            ->constant(
                'Ek',
                Text::of('growth.light_in_which_growth_bends_off', what: $demand),
                $demand->bend(),
                'µmol/m²s',
                'form_by_jassby_platt_1976_figure',
                Grade::Guess,
            )
            ->constant('E0', 'growth.light_that_only_keeps_it_alive', self::COMPENSATION, 'µmol/m²s', 'house_default', Grade::Guess)
            ->constant('K', 'growth.carbon_dioxide_at_half_of_what', self::HALF, 'mg/L', 'house_default_of_2_to_8', Grade::Guess)
            ->line('by_light = max(0, 1 - 2 / (exp(2 * (E - E0) / Ek) + 1)) / (1 - 2 / (exp(2 * (100 - E0) / Ek) + 1))', 'growth.by_light_1_at_100_umol', '×')
            ->line('by_carbon = max(least, C / (C + K) / (30 / 35))', 'growth.by_carbon_dioxide_1_at_30', '×')
            ->line('rate = usual * by_light * by_carbon * food * hours / 8 * 2^((T - 24) / 10)', 'growth.rate_where_it_fastest', 'mm a week');
    }
}
