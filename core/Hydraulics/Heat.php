<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

use Cresco\Core\Formula\Computation;

/** Warm water for a refill, and how long a heater takes. Densities and heat capacity are taken as one for all waters. */
final class Heat
{
    /** J to warm a litre by a degree. */
    private const CAPACITY = 4186.0;

    /** W through a square metre of glass and surface for a degree of difference to the room, uncovered. House default. */
    public const LOSS = 9.0;

    /**
     * Litres of hot water in a mix.
     *
     * @param float $litres together
     *
     * @throws HydraulicsFault when the goal does not lie between the two
     */
    public static function hot(float $litres, float $goal, float $cold, float $hot): Computation
    {
        if (!($hot > $cold && $goal >= $cold && $goal <= $hot && $litres >= 0.0 && max($litres, abs($cold), $hot) < INF)) {
            throw HydraulicsFault::warmth();
        }

        return Computation::of('heat.title')
            ->given('V', 'heat.litres_together', $litres, 'L')
            ->given('T', 'heat.goal', $goal, '°C')
            ->given('Tc', 'heat.cold_water', $cold, '°C')
            ->given('Th', 'heat.hot_water', $hot, '°C')
            ->line('hot = V * (T - Tc) / (Th - Tc)', 'heat.hot_water', 'L');
    }

    /**
     * m2 through which an open tank loses heat: top, bottom and panes, the panes as if the plan were a square of its area.
     *
     * @param float $plan m2
     * @param float $rim  height of the panes, mm
     */
    public static function lossArea(float $plan, float $rim): float
    {
        if (!($plan >= 0.0 && $rim >= 0.0 && max($plan, $rim) < INF)) {
            throw HydraulicsFault::heater();
        }

        return 2.0 * $plan + 4.0 * sqrt($plan) * $rim / 1000.0;
    }

    /**
     * Hours that a heater takes from one temperature to another; INF when the room takes more than it gives.
     *
     * @param float $watts of the heater
     * @param float $area  m2 through which the tank loses heat
     */
    public static function hours(float $litres, float $from, float $to, float $watts, float $room, float $area): float
    {
        if (!(min($litres, $watts, $area) >= 0.0 && max($litres, $watts, $area, abs($from), abs($to), abs($room)) < INF)) {
            throw HydraulicsFault::heater();
        }
        if ($to <= $from) {
            return 0.0;
        }
        $loss = self::LOSS * $area;
        if ($loss < 1e-9) {
            return $watts <= 0.0 ? INF : self::CAPACITY * $litres * ($to - $from) / $watts / 3600.0;
        }
        $settles = $room + $watts / $loss;
        if ($settles <= $to) {
            return INF;
        }

        return self::CAPACITY * $litres / $loss * log(($settles - $from) / ($settles - $to)) / 3600.0;
    }
}
