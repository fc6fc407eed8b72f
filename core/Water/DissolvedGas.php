<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Distribution;

/** Dissolved carbon dioxide as pH and KH tell it, mg/L, with the band that holds it eight times out of ten: food of the plants, and a hazard to animals. */
final readonly class DissolvedGas
{
    /** mg/L from which it harms animals: a drop checker has turned from green to yellow. House default. */
    public const HARMS = 40.0;

    /** mg/L from which it is an alarm. House default. */
    public const ALARM = 50.0;

    /** Deviations of the tenth and the ninetieth percentile of a bell. */
    private const TENTH = 1.2815515655446004;

    private function __construct(public float $level, public float $low, public float $high) {}

    /**
     * Its relative spread is made of that of KH and of ln 10 times that of pH. In soft water other acids move pH as much, so that nothing is said there.
     *
     * @param Distribution $kh           meq/L
     * @param float        $celsius      0 to 45
     * @param float        $conductivity uS/cm, 0 or more
     *
     * @throws WaterFault
     */
    public static function of(Distribution $ph, Distribution $kh, float $celsius, float $conductivity): ?self
    {
        if ($kh->central() < Carbonate::SOFT) {
            return null;
        }
        $level = Carbonate::carbonDioxide($ph->central(), $kh->central(), $celsius, $conductivity);
        $off = self::TENTH * hypot(M_LN10 * $ph->spread(), $kh->spread() / $kh->central());

        return new self($level, $level * exp(-$off), $level * exp($off));
    }
}
