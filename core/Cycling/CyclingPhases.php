<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** The weeks of a cycling, what is done in each, and who may move in when. House defaults. */
final class CyclingPhases
{
    /** mg/L N of ammonium that young soil may give before water is changed in a dark start: beyond it bacteria grow slower. House default. */
    public const TOO_MUCH = 3.0;

    /** Share of the water that goes at the end of a dark start. House default. */
    public const LAST_CHANGE = 0.9;

    /** mg/L of nitrogen that is dosed where ammonia is dosed. House default. */
    public const DOSE = 2.0;

    /** Ammonium chloride for a mg of nitrogen, by molar masses (IUPAC 2021). */
    public const CHLORIDE = 53.489 / 14.007;

    /** @return list<CyclingPhase> */
    public static function of(CyclingMethod $way): array
    {
        return match ($way) {
            CyclingMethod::Dark => [
                new CyclingPhase('filling', 1, 1), new CyclingPhase('waiting', 1, 4), new CyclingPhase('last_change', 3, 6),
                new CyclingPhase('planting', 4, 7), new CyclingPhase('diatoms', 5, 11), new CyclingPhase('grazers', 5, null),
                new CyclingPhase('fish', 6, null),
            ],
            CyclingMethod::Planted => [
                new CyclingPhase('planting', 1, 1), new CyclingPhase('melting', 1, 4), new CyclingPhase('diatoms', 2, 8),
                new CyclingPhase('grazers', 4, null), new CyclingPhase('fish', 6, null), new CyclingPhase('settled', 12, null),
            ],
            CyclingMethod::Bare => [
                new CyclingPhase('bare', 1, 5), new CyclingPhase('diatoms', 2, 10), new CyclingPhase('grazers', 5, null),
                new CyclingPhase('fish', 6, null), new CyclingPhase('settled', 12, null),
            ],
            CyclingMethod::Fish => [
                new CyclingPhase('few', 1, 6), new CyclingPhase('diatoms', 2, 8), new CyclingPhase('grazers', 5, null),
                new CyclingPhase('fish', 7, null),
            ],
            CyclingMethod::Seeded => [
                new CyclingPhase('seeding', 1, 1), new CyclingPhase('watching', 1, 2), new CyclingPhase('fish', 1, null),
                new CyclingPhase('diatoms', 2, 8), new CyclingPhase('grazers', 3, null),
            ],
        };
    }

    /**
     * Share of the water that is changed on a day, 0 to 1. Two schools of practice: soil that gives ammonium is changed half daily in its first week,
     * every other day in the second, then twice a week; or as little as the animals that are not there yet allow, since bacteria live on
     * what it gives.
     *
     * @param int  $day    counted from 0
     * @param bool $plenty the first of the two
     */
    public static function change(CyclingMethod $way, AmmoniaSource $source, int $day, bool $plenty): float
    {
        if ($way === CyclingMethod::Dark || $source !== AmmoniaSource::Soil) {
            return $way === CyclingMethod::Planted && $day > 0 && $day % 7 === 0 ? 0.3 : 0.0;
        }

        return match (true) {
            !$plenty => $day > 0 && $day % 7 === 0 ? 0.3 : 0.0,
            $day < 1 => 0.0,
            $day <= 7 => 0.5,
            $day <= 14 => $day % 2 === 0 ? 0.5 : 0.0,
            $day <= 42 => in_array($day % 7, [0, 3], true) ? 0.5 : 0.0,
            default => $day % 7 === 0 ? 0.4 : 0.0,
        };
    }

    /** mg/L N a day that plants take at most at the beginning. House defaults. */
    public static function plants(CyclingMethod $way): float
    {
        return $way === CyclingMethod::Planted ? 0.15 : 0.0;
    }
}
