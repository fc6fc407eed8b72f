<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Cresco\Core\State\Posterior;
use Cresco\Core\WaterChange\TopOffDrift;

/** What a tank loses in a day, from the guess and what was topped up. */
final class EvaporationQuery
{
    /** @return Posterior L a day */
    public static function of(Tank $tank): Posterior
    {
        return TopOffDrift::learned(VesselQuery::tank($tank)->area() / 100.0, $tank->topUpsSeen(), $tank->keeper->figures->get('evaporation'));
    }
}
