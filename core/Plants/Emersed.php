<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Planning\DueBand;

/** The weeks in which leaves that grew in air die back under water: they are taken out before they rot. */
final class Emersed
{
    /** Days after planting in which leaves grown in air are looked through. House default. */
    public const LASTS = 42;

    /** Days from one look for melting leaves to the next. House default. */
    public const EVERY = 2;

    /**
     * When melting leaves are to be taken out next; null once it has settled.
     *
     * @param int $planted days since it was planted, 0 or more
     * @param int $taken   days since leaves were last taken out, at most those since it was planted
     *
     * @throws PlantsFault when days are below 0
     */
    public static function due(int $planted, int $taken): ?DueBand
    {
        if ($planted < 0 || $taken < 0) {
            throw PlantsFault::planted();
        }

        return $planted > self::LASTS ? null : DueBand::again(self::EVERY, min($taken, $planted));
    }
}
