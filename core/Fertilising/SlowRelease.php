<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Nutrient;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Text;

/** What active soil and root tabs give into the water by themselves, day by day. */
final class SlowRelease
{
    /** mg/L of nitrogen that new active soil gives off on its first day, as ammonium. House default. */
    private const SOIL = 0.5;

    /** Days in which that halves: 7 to 20 by soil and by how much water is changed. House default. */
    private const SOIL_HALVES = 12.0;

    /** Days in which what soil holds for roots halves: 6 to 12 months. House default. */
    private const ROOTS_HALVE = 270.0;

    /** From which age on soil gives the water nothing that counts, days: one part in thirty is left. House default. */
    public const SOIL_ENDS = 60.0;

    /** Share of root tabs that ends in the water and not at the roots, 0.1 to 0.5 by depth and grain, and by how much that may be off. House defaults. */
    private const INTO_WATER = [0.25, 0.1];

    /** The same where the substrate is coarse. House defaults. */
    private const THROUGH_GRAVEL = [0.4, 0.1];

    /**
     * Nitrate that active soil gives the water in a day, once its ammonium is oxidised.
     *
     * @param float $age of the soil, days, 0 or more
     *
     * @throws FertilisingFault
     */
    public static function soil(float $age): Computation
    {
        self::aged($age);

        return Computation::of('slow_food.title')
            ->constant('t', 'slow_food.age_of_soil', $age, 'd', 'day_on_which_it_was_set', null)
            ->constant('a', 'slow_food.nitrogen_on_first_day', new NormalValue(self::SOIL, self::SOIL / 3.0), 'mg/L/d', 'house_default', Grade::Guess)
            ->constant('h', 'slow_food.halves_in', self::SOIL_HALVES, 'd', 'house_default_7_to_20', Grade::Guess)
            ->constant('no3', 'slow_food.nitrate_in_nitrogen', MassConcentration::NITRATE_PER_NITROGEN, 'g/g', 'molar_masses_iupac')
            ->line('N = a * 2 ^ (0 - t / h)', 'slow_food.nitrogen_as_ammonium', 'mg/L/d')
            ->line('nitrate = N * no3', 'slow_food.nitrate', 'mg/L/d');
    }

    /**
     * Share of what soil held for roots that is left.
     *
     * @param float $age of the soil, days, 0 or more
     *
     * @throws FertilisingFault
     */
    public static function left(float $age): float
    {
        self::aged($age);

        return 2.0 ** (-$age / self::ROOTS_HALVE);
    }

    /**
     * What all root tabs that lie in the substrate give the water in a day while they last: the same on each day of their life.
     *
     * @param non-empty-list<array{RootTabKind, int, float}> $sets   kind, number from 1, and days that they last, from 1
     * @param float                                          $litres of the water, above 0
     *
     * @throws FertilisingFault
     */
    public static function rootTabs(array $sets, Parameter $nutrient, bool $isCoarse, float $litres): Computation
    {
        if (!($litres > 0.01 && $litres < 1e6)) {
            throw FertilisingFault::rootTabs();
        }
        [$share, $off] = $isCoarse ? self::THROUGH_GRAVEL : self::INTO_WATER;
        $working = Computation::of('slow_food.title_what_root_capsules_give_water')->given('V', 'slow_food.water', $litres, 'L')
            ->constant('s', 'slow_food.share_that_ends_in_water', new NormalValue($share, $off), '×', 'house_default_tenth_to_half', Grade::Guess);
        $parts = [];
        foreach ($sets as $i => [$kind, $number, $days]) {
            if ($number < 1 || $number > 1000 || !($days >= 1.0 && $days < 4000.0)) {
                throw FertilisingFault::rootTabs();
            }
            $at = (string) ($i + 1);
            $working = $working->given('n'.$at, 'slow_food.capsules', (float) $number, '×')
                ->constant('t'.$at, 'slow_food.days_that_they_last', $days, 'd', 'their_kind_warmth', null)
                ->constant('m'.$at, 'slow_food.held_by_each', self::held($kind, $nutrient), 'mg', 'house_default', Grade::Guess);
            $parts[] = "n$at * m$at / t$at";
        }

        return $working->line('c = ('.implode(' + ', $parts).') * s / V', Text::of('slow_food.nutrient', what: $nutrient), 'mg/L/d');
    }

    /** mg of a nutrient that a root tab holds, as it is counted. Clay carries less than a coated grain: 20 and 60 mg of nitrogen. House defaults. */
    private static function held(RootTabKind $kind, Parameter $nutrient): float
    {
        $nitrogen = match ($kind) {
            RootTabKind::Clay => 20.0,
            RootTabKind::Coated => 60.0,
        };

        // For a gram of nitrogen as much of the others as plants take with it.
        return $nitrogen * ($nutrient->entry()->food->inPlants ?? 0.0) / Nutrient::NITROGEN;
    }

    private static function aged(float $age): void
    {
        if (!($age >= 0.0 && $age < 40_000.0)) {
            throw FertilisingFault::soil();
        }
    }
}
