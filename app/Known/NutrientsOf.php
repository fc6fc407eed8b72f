<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Analysis;
use App\Models\Water;
use App\Models\WaterKind;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\WaterState;

/** What a water holds of nutrients that nobody read in it, by its analysis; rain and reverse osmosis hold none. */
final class NutrientsOf
{
    /** What tap water differs from its analysis, as a share of it, a standard deviation. House default. */
    private const OFF = 0.15;

    /** @param float $share of the second water, 0 to 1 */
    public static function fill(WaterState $state, Water $first, ?Water $second, float $share): WaterState
    {
        $missing = array_filter(Parameter::nutrients(), static fn(Parameter $nutrient): bool => !$state->has($nutrient));
        if ($missing === []) {
            return $state;
        }
        $analyses = Analysis::query()->whereIn('water_id', array_values(array_filter([$first->id, $second?->id])))->orderBy('sampled_on')->orderBy('id')->get()->keyBy('water_id');
        foreach ($missing as $nutrient) {
            $one = self::analysed($analyses->get($first->id), $first->kind, $nutrient);
            $other = $second === null ? $one : self::analysed($analyses->get($second->id), $second->kind, $nutrient);
            if ($one !== null && $other !== null) {
                $mixed = $second === null ? $one : (1.0 - $share) * $one + $share * $other;
                $state = $state->with($nutrient, new Normal($mixed, self::OFF * $mixed), true);
            }
        }

        return $state;
    }

    /** mg/L, as the nutrient is counted; null where nobody knows. */
    private static function analysed(?Analysis $analysis, WaterKind $kind, Parameter $nutrient): ?float
    {
        $food = $nutrient->entry()->food;
        $ion = Ion::tryFrom((string) $food?->ion);
        $milligrams = $ion === null ? null : $analysis?->milligrams[$ion->value] ?? null;

        return match (true) {
            $food !== null && $ion !== null && $milligrams !== null => $milligrams * $food->molarMass / $ion->molarMass(),
            in_array($kind, [WaterKind::ReverseOsmosis, WaterKind::Rain], true) => 0.0,
            default => null,
        };
    }
}
