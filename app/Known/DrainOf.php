<?php

declare(strict_types=1);

namespace App\Known;

use App\Models\Tank;
use Cresco\Core\Flow\Drain;
use Cresco\Core\Flow\Hose;
use Cresco\Core\Flow\Siphon;

/** How a tank drains through a hose, from its own curve of height. */
final class DrainOf
{
    public static function tank(Tank $tank, float $litres, float $waterline, ?Hose $hose = null): Drain
    {
        $vessel = VesselOf::tank($tank);
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
