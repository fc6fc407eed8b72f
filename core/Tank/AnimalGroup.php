<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;

/** Who lives in a tank, and the water each group is usually kept in. All figures are house defaults for keepers to change. */
enum AnimalGroup: string
{
    case SoftWaterShrimp = 'soft_water_shrimp';
    case HardyShrimp = 'hardy_shrimp';
    case SoftWaterFish = 'soft_water_fish';
    case Community = 'community';
    case HardWaterFish = 'hard_water_fish';
    case PlantsFirst = 'plants_first';

    /**
     * What a tank for them begins with until its keeper says otherwise: share of a usual change (0 to 1), days between two, body
     * height of the largest, mm. House defaults.
     *
     * @return array{float, int, float}
     */
    public function routine(): array
    {
        return match ($this) {
            self::SoftWaterShrimp => [0.15, 7, 10.0],
            self::HardyShrimp => [0.2, 7, 10.0],
            self::SoftWaterFish, self::Community => [0.3, 7, 30.0],
            self::HardWaterFish => [0.4, 7, 80.0],
            self::PlantsFirst => [0.4, 7, 30.0],
        };
    }

    /** The middle of what they are kept at, degC. */
    public function warmth(): float
    {
        $range = $this->range(Parameter::Temperature) ?? [24.0, 24.0];

        return ($range[0] + $range[1]) / 2.0;
    }

    /** @return array{float, float}|null usual range in the base unit; null where none is set */
    public function range(Parameter $parameter): ?array
    {
        [$gh, $kh, $ec, $ph, $celsius, $nitrate] = match ($this) {
            self::SoftWaterShrimp => [[4, 6], [0, 1], [150, 280], [5.5, 6.6], [20, 24], [0, 10]],
            self::HardyShrimp => [[6, 10], [2, 6], [250, 500], [6.6, 7.8], [20, 26], [0, 20]],
            self::SoftWaterFish => [[1, 6], [0, 3], [50, 250], [5.5, 6.8], [24, 28], [0, 20]],
            self::Community => [[4, 12], [2, 8], [150, 600], [6.4, 7.6], [22, 26], [0, 30]],
            self::HardWaterFish => [[8, 18], [8, 14], [400, 900], [7.6, 8.8], [24, 27], [0, 30]],
            self::PlantsFirst => [[4, 8], [1, 5], [150, 450], [6.0, 7.2], [21, 25], [5, 30]],
        };

        return match ($parameter) {
            Parameter::GeneralHardness => [Hardness::fromDegrees($gh[0])->millimolePerLitre, Hardness::fromDegrees($gh[1])->millimolePerLitre],
            Parameter::CarbonateHardness => [
                Alkalinity::fromDegrees($kh[0])->milliequivalentPerLitre, Alkalinity::fromDegrees($kh[1])->milliequivalentPerLitre,
            ],
            Parameter::Conductivity => [(float) $ec[0], (float) $ec[1]],
            Parameter::Acidity => [(float) $ph[0], (float) $ph[1]],
            Parameter::Temperature => [(float) $celsius[0], (float) $celsius[1]],
            Parameter::Nitrate => [(float) $nitrate[0], (float) $nitrate[1]],
            default => $parameter->entry()->fine,
        };
    }

    /**
     * What a water made for these animals should hold at most, mg/L by ion. House defaults, to keep a recipe from hiding
     * salt in ions nobody asked for; the keeper may change each.
     *
     * @return array<string, float>
     */
    public function caps(): array
    {
        [$sodium, $potassium, $chloride, $sulfate, $nitrate] = match ($this) {
            self::SoftWaterShrimp => [15.0, 15.0, 60.0, 100.0, 10.0],
            self::HardyShrimp => [40.0, 20.0, 80.0, 120.0, 20.0],
            self::SoftWaterFish => [20.0, 15.0, 40.0, 80.0, 20.0],
            self::Community => [60.0, 20.0, 100.0, 150.0, 30.0],
            self::HardWaterFish => [250.0, 30.0, 200.0, 250.0, 30.0],
            self::PlantsFirst => [20.0, 30.0, 60.0, 120.0, 30.0],
        };

        return ['Na' => $sodium, 'K' => $potassium, 'Cl' => $chloride, 'SO4' => $sulfate, 'NO3' => $nitrate];
    }

    /** Whether conductivity is aimed at when water is made for them: shrimp keepers steer by it. */
    public function steersByConductivity(): bool
    {
        return in_array($this, [self::SoftWaterShrimp, self::HardyShrimp], true);
    }

    public function isSensitive(): bool
    {
        return in_array($this, [self::SoftWaterShrimp, self::HardyShrimp, self::SoftWaterFish], true);
    }
}
