<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

/** A hose as a siphon sees it. */
final readonly class Hose
{
    /** Entrance and a bend or two; the outflow itself counts apart. House default. */
    public const BENDS = 0.8;

    /** Smooth plastic, mm. Common table value. */
    public const ROUGHNESS = 0.0015;

    /**
     * @param float $bore   inner diameter, mm
     * @param float $length m
     * @param float $bends  sum of the loss coefficients without the outflow
     *
     * @throws HydraulicsFault
     */
    public function __construct(public float $bore, public float $length, public float $bends = self::BENDS, public float $roughness = self::ROUGHNESS)
    {
        if (!($bore > 0.0 && $length > 0.0 && $bends >= 0.0 && $roughness >= 0.0 && max($bore, $length, $bends, $roughness) < INF)) {
            throw HydraulicsFault::hose();
        }
    }

    /** mm2 */
    public function area(): float
    {
        return M_PI * $this->bore ** 2 / 4.0;
    }
}
