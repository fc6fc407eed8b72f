<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** A figure of a tank days after it was read: what the tank makes in a day goes on. */
final class CarriedOn
{
    /** Days after a reading from which it is carried on. House default. */
    public const FROM = 1.0;

    /** Days over which, and amounts a day by which it is carried on at most. House limits. */
    private const MOST = [10_000.0, 1e6];

    /**
     * As it should be now, not below nothing, in the base unit; the spreads add as independent ones do.
     *
     * @param Normal $made what the tank makes in a day, or takes up
     *
     * @throws ChangeFault when the days are none
     */
    public static function now(Distribution $then, Normal $made, float $days): Normal
    {
        self::check($made, $days);
        $deviation = ($then->quantile(0.9) - $then->quantile(0.1)) / (2.0 * Normal::standardQuantile(0.9));

        return new Normal(max(0.0, $then->central() + $days * $made->central()), hypot($deviation, $days * $made->spread()));
    }

    /**
     * The same as a working; the symbol is now.
     *
     * @throws ChangeFault when the days are none
     */
    public static function working(string $title, Distribution $then, Normal $made, float $days, Unit $unit): Computation
    {
        self::check($made, $days);

        return Computation::of($title)
            ->constant('then', 'as it was read, or as the last change was forecast to leave it', $unit->distributionFromBase($then), $unit->label, 'the diary', null)
            ->constant('made', 'what the tank makes in a day', new Normal($unit->widthFromBase($made->central()), $unit->widthFromBase($made->spread())), $unit->label, 'guess and diary weighed together', Grade::Guess)
            ->constant('d', 'days since', $days, 'd', 'the diary', null)
            ->line('now = max(0, then + d * made)', 'as it should be now', $unit->label);
    }

    private static function check(Normal $made, float $days): void
    {
        if (!($days >= 0.0 && $days <= self::MOST[0] && abs($made->central()) <= self::MOST[1] && $made->spread() <= self::MOST[1])) {
            throw ChangeFault::days();
        }
    }
}
