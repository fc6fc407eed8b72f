<?php

declare(strict_types=1);

namespace Cresco\Core\Substrate;

/** Where the drained water goes: what is wanted of it first, then through the vacuum, zone by zone, as far as it lasts. */
final readonly class LitresOut
{
    /** Minutes that a square metre takes with a hose of that strength. House default. */
    public const MINUTES_PER_SQUARE_METRE = 12.0;

    /**
     * @param array<string, float> $wanted   litres by what they are for, as far as there are so many
     * @param list<Zone>           $cleaned  zones that today's water feeds
     * @param list<Zone>           $waiting  those that it does not
     * @param float                $vacuumed litres that go through the vacuum
     * @param float                $rest     what is left for the garden or the drain
     */
    private function __construct(public array $wanted, public array $cleaned, public array $waiting, public float $vacuumed, public float $rest) {}

    /**
     * @param float                $litres    that leave
     * @param float                $perMinute of the hose, L/min
     * @param list<Zone>           $zones     in the order they are to be cleaned
     * @param float                $area      of the plan, m2
     * @param array<string, float> $wanted    litres by what they are for, first things first
     */
    public static function divide(float $litres, float $perMinute, array $zones, float $area, array $wanted): self
    {
        $left = max(0.0, $litres);
        $given = [];
        foreach ($wanted as $name => $need) {
            $given[$name] = min($left, max(0.0, $need));
            $left -= $given[$name];
        }
        $cleaned = $waiting = [];
        $vacuumed = 0.0;
        foreach ($zones as $zone) {
            $takes = self::MINUTES_PER_SQUARE_METRE * $zone->area() * $area * max(0.0, $perMinute);
            // Once one has to wait, those after it wait too: their turn comes later.
            if ($waiting === [] && $takes <= $left + 1e-9) {
                $cleaned[] = $zone;
                $vacuumed += $takes;
                $left -= $takes;
            } else {
                $waiting[] = $zone;
            }
        }

        return new self($given, $cleaned, $waiting, $vacuumed, max(0.0, $left));
    }
}
