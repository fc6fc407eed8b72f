<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Tanks\DrainQuery;
use App\Tanks\VesselQuery;
use App\Tanks\ZoneRotationQuery;
use Cresco\Core\Checklist\Session;
use Cresco\Core\Checklist\Task;
use Cresco\Core\Checklist\WantedWater;
use Cresco\Core\Substrate\LitresOut;

/** Where the water of a drafted session goes. */
final class WaterOut
{
    public static function of(ChangeDraft $draft, Session $session): LitresOut
    {
        $tank = $draft->tank;
        $vessel = VesselQuery::tank($tank);
        return LitresOut::divide(
            $draft->plan->outflow(),
            DrainQuery::siphon($tank)->litresPerMinute($tank->hose_drop - $draft->input->waterline),
            $session->does(Task::Vacuum) ? ZoneRotationQuery::next($tank, $draft->waters->now) : [],
            $vessel->area() / 1e6,
            WantedWater::of($session),
        );
    }
}
