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
     * What shrimp, fry and soft-water fish tolerate in one change: pH, dKH, dGH, share of the conductivity, degC, and share of the water
     * while something that limits was not read. House defaults.
     */
    private const SENSITIVE = [0.4, 1.0, 2.0, 0.15, 2.0, 0.25];

    /** The same for others. House defaults. */
    private const OTHERS = [0.6, 2.0, 4.0, 0.25, 3.0, 1.0 / 3.0];

    /**
     * @param float $ph          units of pH
     * @param float $kh          degrees
     * @param float $gh          degrees
     * @param float $ecShare     share of the conductivity in the tank, 0 to 1
     * @param float $celsius     degC
     * @param float $unreadShare share of the water that one change takes at most while something that limits it was not read, 0 to 1
     */
    public function __construct(
        public float $ph,
        public float $kh,
        public float $gh,
        public float $ecShare,
        public float $celsius,
        public float $unreadShare = self::OTHERS[5],
    ) {}

    /** The same for a tank that was left alone for long: what is in it is far from what was read last. */
    public function ofNeglected(): self
    {
        return new self($this->ph, $this->kh, $this->gh, $this->ecShare, $this->celsius, min($this->unreadShare, self::SENSITIVE[5]));
    }

    public static function ofSensitive(): self
    {
        return new self(...self::SENSITIVE);
    }

    public static function ofOthers(): self
    {
        return new self(...self::OTHERS);
    }

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
