<?php

declare(strict_types=1);

namespace Cresco\Core\Light;

/** Photons that a lamp gives off, µmol/s, from what is known of it. */
final class Flux
{
    /**
     * @param float $lumens of the bare lamp or of its tubes
     *
     * @throws LightFault
     */
    public static function ofLumens(float $lumens, LightColour $colour, LampType $type = LampType::Led): float
    {
        return self::checked($lumens / $colour->lumensPerMicromole() * $type->fixture());
    }

    /** @throws LightFault */
    public static function ofWatts(float $watts, LampType $type): float
    {
        return self::checked($watts * $type->efficacy());
    }

    /** @throws LightFault when no lamp gives so much or so little */
    public static function checked(float $micromoles): float
    {
        return $micromoles > 0.0 && $micromoles <= 1e5 ? $micromoles : throw LightFault::flux();
    }
}
