<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Models\Tank;
use Cresco\Core\Hydraulics\Drain;
use Cresco\Core\Hydraulics\Hose;
use Cresco\Core\Hydraulics\Siphon;

/** How a tank drains through a hose, from its own curve of height. */
final class DrainQuery
{
    public static function tank(Tank $tank, float $litres, float $waterline, ?Hose $hose = null): Drain
    {
        $vessel = VesselQuery::tank($tank);
        $out = max(0.0, $vessel->litresDrainedAt($waterline));

        return self::siphon($tank, $hose)->drain(
            min($litres, $vessel->litres() - $out),
            $tank->hose_drop - $waterline,
            static fn(float $gone): float => max(0.0, $vessel->markFor($out + $gone) - $waterline),
        );
    }

    public static function siphon(Tank $tank, ?Hose $hose = null): Siphon
    {
        return new Siphon($hose ?? new Hose($tank->hose_bore, $tank->hose_length), $tank->warmth);
    }
}
