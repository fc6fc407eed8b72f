<?php

declare(strict_types=1);

namespace Cresco\Core\Work;

use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** How much peroxide a spot treatment at low water may bring: it spreads through what is left in the tank. */
final class Peroxide
{
    /** mL of a solution of 3 % for each litre that is in the tank, at most. House default. */
    private const MOST = 0.25;

    /** Part of that where shrimp, fry, mosses or fine leaves live. House default. */
    private const SENSITIVE = 0.4;

    /**
     * mL of a solution of 3 %, at most.
     *
     * @param float $litres left in the tank, 0 and more
     *
     * @throws WorkFault when the litres are none
     */
    public static function most(float $litres, bool $isSensitive): float
    {
        return self::working($litres, $isSensitive)->value('most');
    }

    /**
     * The same as a working; the symbol is most.
     *
     * @throws WorkFault when the litres are none
     */
    public static function working(float $litres, bool $isSensitive): Computation
    {
        if (!($litres >= 0.0 && $litres < INF)) {
            throw WorkFault::litres();
        }

        return Computation::of('Peroxide at most')
            ->given('V', 'water that is left at the mark', $litres, 'L')
            ->constant('k', 'of a solution of 3 % for each litre', self::MOST, 'mL/L', 'house default', Grade::Guess)
            ->constant('s', 'part of it for these animals', $isSensitive ? self::SENSITIVE : 1.0, '', 'house default', Grade::Guess)
            ->line('most = V * k * s', 'in all, at most', 'mL');
    }
}
