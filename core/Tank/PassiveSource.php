<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;

/**
 * What lies in a tank and gives minerals off or takes them up by itself. How much depends on its age and on the water, so what is held
 * of it at first is wide, and the log decides. All figures are house defaults.
 */
enum PassiveSource: string
{
    case None = 'none';
    case Shell = 'shell';
    case Soil = 'soil';

    /** What it moves in a day, until readings say, in the base unit of the parameter; null where it moves nothing that is followed. */
    public function guess(Parameter $parameter): ?NormalValue
    {
        // Degrees of KH and of GH and uS/cm a day, each with its standard deviation.
        [$kh, $gh, $ec] = match ($this) {
            self::None => [[0.0, 0.06], [0.0, 0.06], [0.0, 3.0]],
            self::Shell => [[0.1, 0.3], [0.1, 0.3], [4.0, 9.0]],
            self::Soil => [[-0.2, 0.3], [-0.1, 0.3], [-5.0, 9.0]],
        };

        return match ($parameter) {
            Parameter::CarbonateHardness => new NormalValue($kh[0] * Alkalinity::MILLIEQUIVALENT_PER_DEGREE, $kh[1] * Alkalinity::MILLIEQUIVALENT_PER_DEGREE),
            Parameter::GeneralHardness => new NormalValue($gh[0] * Hardness::MILLIMOLE_PER_DEGREE, $gh[1] * Hardness::MILLIMOLE_PER_DEGREE),
            Parameter::Conductivity => new NormalValue(...$ec),
            default => null,
        };
    }
}
