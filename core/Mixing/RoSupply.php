<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Formula\Computation;

/** A reverse-osmosis unit and the reservoir it fills. */
final readonly class RoSupply
{
    /**
     * @param float $litresPerDay made, at the pressure and temperature of this home, above 0
     * @param float $waste        litres that run off for each litre made, 0 or more
     * @param float $capacity     of the reservoir, L
     * @param float $level        in the reservoir now, L
     */
    public function __construct(public float $litresPerDay, public float $waste, public float $capacity, public float $level)
    {
        if ($litresPerDay <= 0.0 || $waste < 0.0 || $capacity <= 0.0 || $level < 0.0) {
            throw StoreFault::production();
        }
    }

    /** Hours that the unit must run so that the reservoir holds $litres. */
    public function hoursFor(float $litres): float
    {
        return max(0.0, $litres - $this->level) / $this->litresPerDay * 24.0;
    }

    /** Litres that run off meanwhile. */
    public function wasteFor(float $litres): float
    {
        return max(0.0, $litres - $this->level) * $this->waste;
    }

    public function working(float $litres): Computation
    {
        return Computation::of('supply.title')
            ->given('need', 'supply.litres_needed', $litres, 'L')
            ->given('level', 'supply.in_store_now', $this->level, 'L')
            ->given('Q', 'supply.made_day', $this->litresPerDay, 'L')
            ->given('w', 'supply.run_off_for_each_litre_made', $this->waste, 'L')
            ->line('off = max(need - level, 0) * w', 'supply.waste_water_meanwhile', 'L')
            ->line('hours = max(need - level, 0) / Q * 24', 'supply.running_time', 'h');
    }

    /**
     * Several tanks fed in one evening: when each one's water is there, if the unit starts now and the reservoir is drawn from
     * in this order. The smallest goes first, so that work can begin while the rest fills; a need larger than the reservoir is
     * drawn as it comes.
     *
     * @param array<string, float> $needs litres by name
     *
     * @return list<array{name: string, litres: float, ready: float, left: float}> hours from now, and what is left in the reservoir then
     */
    public function evening(array $needs): array
    {
        asort($needs);
        $perHour = $this->litresPerDay / 24.0;
        $level = min($this->level, $this->capacity);
        $now = 0.0;
        $plan = [];
        foreach ($needs as $name => $litres) {
            $wait = max(0.0, $litres - $level) / $perHour;
            $now += $wait;
            $level = min($this->capacity, $level + $wait * $perHour) - min($litres, $this->capacity);
            $level = max(0.0, $level);
            $plan[] = ['name' => (string) $name, 'litres' => $litres, 'ready' => $now, 'left' => $level];
        }

        return $plan;
    }
}
