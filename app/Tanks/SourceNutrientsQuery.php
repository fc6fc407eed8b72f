<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Analysis;
use App\Models\SourceWater;
use App\Models\SourceWaterKind;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\WaterState;

/** What a water holds of nutrients that nobody read in it, by its analysis; rain and reverse osmosis hold none. */
final class SourceNutrientsQuery
{
    /** What tap water differs from its analysis, as a share of it, a standard deviation. House default. */
    private const OFF = 0.15;

    /** @param float $share of the second water, 0 to 1 */
    public static function fill(WaterState $state, SourceWater $first, ?SourceWater $second, float $share): WaterState
    {
        $missing = array_filter(Parameter::nutrients(), static fn(Parameter $nutrient): bool => !$state->has($nutrient));
        if ($missing === []) {
            return $state;
        }
        $analyses = Analysis::query()->whereIn('source_water_id', array_values(array_filter([$first->id, $second?->id])))->orderBy('sampled_on')
            ->orderBy('id')->get()->keyBy('source_water_id');
        foreach ($missing as $nutrient) {
            $one = self::analysed($analyses->get($first->id), $first->kind, $nutrient);
            $other = $second === null ? $one : self::analysed($analyses->get($second->id), $second->kind, $nutrient);
            if ($one !== null && $other !== null) {
                $part = $second === null ? 0.0 : $share;
                $state = $state->with(
                    $nutrient,
                    new NormalValue((1.0 - $part) * $one[0] + $part * $other[0], (1.0 - $part) * $one[1] + $part * $other[1]),
                    true,
                );
            }
        }

        return $state;
    }

    /**
     * By the analysis; of a tap without one what taps usually hold, but for nitrate, which is read.
     *
     * @return array{float, float}|null mg/L, as the nutrient is counted, and how far that may be off; null where nobody knows
     */
    private static function analysed(?Analysis $analysis, SourceWaterKind $kind, Parameter $nutrient): ?array
    {
        $food = $nutrient->entry()->food;
        $ion = Ion::tryFrom((string) $food?->ion);
        $milligrams = $ion === null ? null : $analysis?->milligrams[$ion->value] ?? null;

        if ($food !== null && $ion !== null && $milligrams !== null) {
            $held = $milligrams * $food->molarMass / $ion->molarMass();

            return [$held, self::OFF * $held];
        }

        return match (true) {
            $kind->isBare() => [0.0, 0.0],
            $food !== null
                && $kind === SourceWaterKind::Tap
                && $nutrient !== Parameter::Nitrate => [$nutrient->entry()->balance->source ?? 0.0, $nutrient->entry()->balance->sourceOff ?? 0.0],
            default => null,
        };
    }
}
