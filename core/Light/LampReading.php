<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** What a sensor or a phone showed at a place under the lamps. */
final readonly class LampReading
{
    /** What a sensor that was set in air shows too little under water, by. House default. */
    private const UNDER_WATER = 1.25;

    /** Doubt of a good sensor under water, as a share: 80 % of cases lie within a factor of one and that. House default. */
    private const SENSOR = 0.1;

    /** The same of the lux of a phone. House default. */
    private const PHONE = 0.25;

    /**
     * @param float $light  µmol/m2s
     * @param float $across place, share of the length of the plan from the left
     * @param float $front  share of the depth of the plan from the front pane
     * @param float $depth  mm under the water
     * @param float $band   80 % of cases lie within a factor of 1 + this
     * @param float $day    on which it was read
     *
     * @throws LightFault
     */
    public function __construct(
        public float $light,
        public float $across,
        public float $front,
        public float $depth,
        public float $band,
        public float $day = 0.0,
    ) {
        if (!($light > 0.0 && $light < 1e5 && $band > 0.0 && $band <= 10.0 && is_finite($day))) {
            throw LightFault::reading();
        }
        if (!(min($across, $front) >= 0.0 && max($across, $front) <= 1.0 && $depth >= 0.0 && $depth < 1e5)) {
            throw LightFault::place();
        }
    }

    /**
     * Of a sensor that was set under water.
     *
     * @param float $shown µmol/m2s
     */
    public static function sensor(float $shown, float $across, float $front, float $depth, float $day = 0.0): self
    {
        return new self($shown, $across, $front, $depth, self::SENSOR, $day);
    }

    /**
     * Of a sensor that was set in air, held under water.
     *
     * @param float $shown µmol/m2s
     */
    public static function inAir(float $shown, float $across, float $front, float $depth, float $day = 0.0): self
    {
        return new self($shown * self::UNDER_WATER, $across, $front, $depth, self::SENSOR, $day);
    }

    /**
     * Of a phone.
     *
     * @param float $lux above the water or in a bag
     */
    public static function lux(float $lux, LightColour $colour, float $across, float $front, float $depth, float $day = 0.0): self
    {
        return new self($lux / $colour->lumensPerMicromole(), $across, $front, $depth, self::PHONE, $day);
    }
}
