<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\DrainOf;
use App\Known\RotationOf;
use App\Known\VesselOf;
use Cresco\Core\Bed\LitresOut;
use Cresco\Core\Work\Session;
use Cresco\Core\Work\Task;
use Cresco\Core\Work\WantedWater;

/** Where the water of a drafted session goes. */
final class WaterOut
{
    public static function of(Draft $draft, Session $session): LitresOut
    {
        $tank = $draft->tank;
        $vessel = VesselOf::tank($tank);
        return LitresOut::divide(
            $draft->plan->outflow(),
            DrainOf::siphon($tank)->litresPerMinute($tank->hose_drop - $draft->input->waterline),
            $session->does(Task::Vacuum) ? RotationOf::next($tank, $draft->waters->now) : [],
            $vessel->area() / 1e6,
            WantedWater::of($session),
        );
    }
}
