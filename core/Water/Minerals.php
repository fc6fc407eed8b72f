<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\NormalValue;

/** What general and carbonate hardness tell of a water that no meter has read. */
final class Minerals
{
    /** Share of the hardness that is calcium, as common fresh waters have it: about 3 to 1 by mass. House default. */
    private const CALCIUM = 0.65;

    /** Times as much as the ions of both bring: sodium, potassium and nitrate are in neither. House default. */
    private const OTHERS = 1.15;

    /** Share by which it is off that. House default. */
    private const SPREAD = 0.2;

    /** uS/cm by which it is off in the softest water. House default. */
    private const LEAST = 15.0;

    /**
     * Conductivity, uS/cm at 25 degC, of so much hardness with so much alkalinity. What the one has more of than the other is balanced by
     * chloride and sulfate, or by sodium.
     *
     * @param float $hardness   mmol/L of calcium and magnesium, 0 and more
     * @param float $alkalinity meq/L, 0 and more
     *
     * @throws WaterFault
     */
    public static function conductivity(float $hardness, float $alkalinity): NormalValue
    {
        $hardness = max(0.0, $hardness);
        $alkalinity = max(0.0, $alkalinity);
        $acids = max(0.0, 2.0 * $hardness - $alkalinity);
        $middle = self::OTHERS * Conductance::of(Ions::millimoles([
            Ion::Calcium->value => self::CALCIUM * $hardness,
            Ion::Magnesium->value => (1.0 - self::CALCIUM) * $hardness,
            Ion::Sodium->value => max(0.0, $alkalinity - 2.0 * $hardness),
            Ion::Bicarbonate->value => $alkalinity,
            Ion::Chloride->value => 0.5 * $acids,
            Ion::Sulfate->value => 0.25 * $acids,
        ]))->microsiemens;

        return new NormalValue($middle, max(self::LEAST, self::SPREAD * $middle));
    }
}
