<?php

declare(strict_types=1);

namespace Cresco\Core\Fertilising;

use Cresco\Core\Measure\Parameter;

/** Ways of feeding plants over which practitioners differ; a tank follows one. All levels are house defaults. */
enum DosingMethod: string
{
    case Plenty = 'plenty';
    case Lean = 'lean';
    case Roots = 'roots';
    case LowEnergy = 'low_energy';

    /** Share of lean's corridor that a low-energy tank is kept at: the fish give most. */
    private const QUARTER = 0.25;

    /** @return array{float, float}|null level aimed at before the next dose or change, mg/L; null for what it does not steer */
    public function corridor(Parameter $nutrient): ?array
    {
        $lean = match ($nutrient) {
            Parameter::Nitrate => [3.0, 8.0],
            Parameter::Phosphate => [0.1, 0.4],
            Parameter::Potassium => [3.0, 8.0],
            Parameter::Iron => [0.05, 0.1],
            default => null,
        };

        return match ($this) {
            self::Plenty => match ($nutrient) {
                Parameter::Nitrate => [15.0, 30.0],
                Parameter::Phosphate => [1.0, 2.0],
                Parameter::Potassium => [15.0, 30.0],
                Parameter::Iron => [0.1, 0.5],
                default => null,
            },
            self::Lean => $lean,
            self::Roots => $lean === null ? null : [0.0, $lean[1]],
            self::LowEnergy => $lean === null ? null : [0.0, $lean[1]],
        };
    }

    /** Level that doses are sized for, mg/L; null for what it does not steer. */
    public function aim(Parameter $nutrient): ?float
    {
        $corridor = $this->corridor($nutrient);
        if ($corridor === null) {
            return null;
        }

        return match ($this) {
            self::Plenty, self::Lean => ($corridor[0] + $corridor[1]) / 2.0,
            self::Roots => $corridor[1] / 4.0,
            // The animals give nitrate and phosphate enough.
            self::LowEnergy => in_array($nutrient, [Parameter::Nitrate, Parameter::Phosphate], true) ? null : self::QUARTER * $corridor[1],
        };
    }

    /** Days from one dose to the next. */
    public function every(): int
    {
        return match ($this) {
            self::Lean => 1,
            self::Plenty, self::Roots, self::LowEnergy => 7,
        };
    }
}
