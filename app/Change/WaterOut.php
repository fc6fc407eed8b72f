<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\DrainOf;
use App\Known\RotationOf;
use App\Known\VesselOf;
use Cresco\Core\Bed\LitresOut;
use Cresco\Core\Work\School;
use Cresco\Core\Work\Session;
use Cresco\Core\Work\Task;

/** Where the water of a drafted session goes. */
final class WaterOut
{
    /** Litres that rinsing media, a tub for plants and a bucket to look through take. House defaults. */
    private const RINSING = 8.0;

    private const TUB = 6.0;

    private const INSPECTION = 5.0;

    public static function of(Draft $draft, Session $session): LitresOut
    {
        $tank = $draft->tank;
        $vessel = VesselOf::tank($tank);
        $wanted = [];
        if ($session->does(Task::Floaters) || ($session->does(Task::Trim) && $session->keepsShrimp())) {
            $wanted['a tub of tank water'] = self::TUB;
        }
        if ($session->does(Task::Media) && $session->school(School::RinsingMedia) === 'same') {
            $wanted['rinsing the media'] = self::RINSING;
        }
        if ($session->keepsShrimp()) {
            $wanted['a bucket to look through'] = self::INSPECTION;
        }

        return LitresOut::divide(
            $draft->plan->outflow(),
            DrainOf::siphon($tank)->litresPerMinute($tank->hose_drop - $draft->input->waterline),
            $session->does(Task::Vacuum) ? RotationOf::next($tank, $draft->waters->now) : [],
            $vessel->area() / 1e6,
            $wanted,
        );
    }
}
