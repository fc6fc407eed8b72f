<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Text;

/** How much of a nutrient has to go in between two changes so that the level before each settles where a dosing method wants it. */
final class NutrientTargets
{
    /**
     * Level before a change: L; after it and the dose: (1 - f) L + f s + D; and n days of the net rate lead back to L. So D = f (L - s) - n r.
     *
     * @param float       $aim    level before each change, mg/L
     * @param NormalValue $rate   made in a day, mg/L; below 0 for what is taken up
     * @param float       $share  of the water at each change, above 0 to 1
     * @param float       $days   between changes, 1 to 365
     * @param NormalValue $source in the new water, mg/L
     *
     * @throws FertilisingFault
     */
    public static function between(Parameter $nutrient, float $aim, NormalValue $rate, float $share, float $days, NormalValue $source): Computation
    {
        if (!($share > 0.0 && $share <= 1.0 && $days >= 1.0 && $days <= 365.0)) {
            throw FertilisingFault::routine();
        }
        if (!($aim >= 0.0 && $aim < INF)) {
            throw FertilisingFault::event();
        }

        return Computation::of(Text::of('wanted.title', nutrient: $nutrient))
            ->given('f', 'wanted.share_of_water_at_each_change', $share, '')
            ->given('n', 'wanted.days_from_change_to_change', $days, 'd')
            ->constant('L', 'wanted.level_before_each_change', $aim, 'mg/L', 'school_that_tank_follows', Grade::Guess)
            ->constant('s', Text::of('wanted.nutrient_in_new_water', nutrient: $nutrient), $source, 'mg/L', 'its_last_reading_its_analysis_or', null)
            ->constant('r', 'wanted.made_in_day_with_what_animals', $rate, 'mg/L', 'its_course_from_readings_changes_doses', null)
            ->line('D = max(0, f * (L - s) - n * r)', 'wanted.to_given', 'mg/L');
    }

    /**
     * How much of a nutrient goes in after one change so that it lies at its aim before the next: what is left of the aim, and what the days
     * till then take.
     *
     * @param float       $aim   level before the next change, mg/L
     * @param NormalValue $now   level before this change, mg/L
     * @param NormalValue $rate  made in a day, mg/L; below 0 for what is taken up
     * @param float       $share of the water that is changed, 0 to 1
     * @param float       $days  until the next change, 1 to 365
     *
     * @throws FertilisingFault
     */
    public static function afterChange(
        Parameter $nutrient,
        float $aim,
        NormalValue $now,
        NormalValue $rate,
        float $share,
        float $days,
        NormalValue $source,
    ): Computation {
        if (!($share >= 0.0 && $share <= 1.0 && $days >= 1.0 && $days <= 365.0)) {
            throw FertilisingFault::routine();
        }
        if (!($aim >= 0.0 && $aim < INF)) {
            throw FertilisingFault::event();
        }

        return Computation::of(Text::of('wanted.title_nutrient_to_given_after_this_change', nutrient: $nutrient))
            ->given('f', 'wanted.share_of_water', $share, '')
            ->constant('c', Text::of('wanted.nutrient_before_it', nutrient: $nutrient), $now, 'mg/L', 'its_course_from_readings_changes_doses', null)
            ->constant('s', Text::of('wanted.nutrient_in_new_water', nutrient: $nutrient), $source, 'mg/L', 'its_last_reading_its_analysis_or', null)
            ->line('A = (1 - f) * c + f * s', 'wanted.after_change', 'mg/L')
            ->constant('L', 'wanted.level_before_next_change', $aim, 'mg/L', 'school_that_tank_follows', Grade::Guess)
            ->given('n', 'wanted.days_until_next_change', $days, 'd')
            ->constant('r', 'wanted.made_in_day_with_what_animals', $rate, 'mg/L', 'its_course_from_readings_changes_doses', null)
            ->line('D = max(0, L - A - n * r)', 'wanted.to_given', 'mg/L');
    }
}
