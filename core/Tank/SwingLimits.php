<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\Parameter;

/** How far one change may move the water, as the animals stand it. */
final readonly class SwingLimits
{
    /**
     * @param float $ph         units of pH
     * @param float $kh         degrees
     * @param float $gh         degrees
     * @param float $ecShare    share of the conductivity in the tank, 0 to 1
     * @param float $celsius    degC
     */
    public function __construct(
        public float $ph,
        public float $kh,
        public float $gh,
        public float $ecShare,
        public float $celsius,
    ) {}

    /** The widest move from $now, in the base unit; null where no limit is set. */
    public function allowed(Parameter $parameter, float $now): ?float
    {
        return match ($parameter) {
            Parameter::Acidity => $this->ph,
            Parameter::CarbonateHardness => Alkalinity::fromDegrees($this->kh)->milliequivalentPerLitre,
            Parameter::GeneralHardness => Hardness::fromDegrees($this->gh)->millimolePerLitre,
            Parameter::Conductivity => $this->ecShare * $now,
            Parameter::Temperature => $this->celsius,
            default => null,
        };
    }
}
