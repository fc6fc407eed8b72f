<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

/** A pump by the two figures on its plate: flow falls in a straight line from the rated flow to nothing at its head. */
final readonly class Pump
{
    /**
     * @param float $litresPerHour rated, without a head
     * @param float $most          greatest head, mm
     */
    public function __construct(public float $litresPerHour, public float $most)
    {
        if (!($litresPerHour > 0.0 && $most > 0.0 && max($litresPerHour, $most) < INF)) {
            throw HydraulicsFault::pump();
        }
    }

    /** L/min at a head. @param float $head mm, from the surface it stands in up to the open end */
    public function litresPerMinute(float $head): float
    {
        return $this->litresPerHour / 60.0 * max(0.0, min(1.0, 1.0 - $head / $this->most));
    }

    /** Minutes for so many litres; INF when it does not reach so high. */
    public function minutes(float $litres, float $head): float
    {
        $flow = $this->litresPerMinute($head);

        return $litres <= 0.0 ? 0.0 : ($flow <= 0.0 ? INF : $litres / $flow);
    }
}
