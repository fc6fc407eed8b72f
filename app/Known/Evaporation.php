<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Tank;
use Cresco\Core\Change\Creep;
use Cresco\Core\Learning\Posterior;

/** What a tank loses in a day, from the guess and what was topped up. */
final class Evaporation
{
    /** @return Posterior L a day */
    public static function of(Tank $tank): Posterior
    {
        return Creep::learned(VesselOf::tank($tank)->area() / 100.0, $tank->topUpsSeen(), $tank->keeper->figures->get('evaporation'));
    }
}
