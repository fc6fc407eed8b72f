<?php

declare(strict_types=1);

namespace Cresco\Core\Substrate;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Water\Ammonia;

/**
 * Which zones are cleaned next, and what that stirs up: dirt gathers with feeding and days, cleaning frees part of it as
 * ammonia. All figures are house defaults with wide bands.
 */
final readonly class ZoneRotation
{
    /** Share of the nitrogen fed each day that settles in the substrate. House default. */
    public const SETTLES = 0.1;

    /** Dirt older than this many days has turned to what stays. House default. */
    private const LONGEST = 60.0;

    /** Share of the substrate that one session takes at most: an old tank, a young one. House default. */
    public const MOST = 0.34;

    /** The same of a young tank, or with sensitive animals. House default. */
    public const MOST_YOUNG = 0.2;

    /** Days until a tank counts as run in. House default. */
    public const YOUNG_DAYS = 90;

    /** Share of the alarm for free ammonia that stirring may bring. House default. */
    private const OF_ALARM = 0.5;

    /**
     * @param float $nitratePerDay mg/L that feeding brings
     * @param float $litres        net
     * @param float $lowLitres     at the drain mark
     * @param float $ph            of the tank
     * @param float $alarm         free ammonia, mg/L NH3-N
     */
    public function __construct(
        public float $nitratePerDay,
        public float $litres,
        public float $lowLitres,
        public float $ph,
        public float $celsius,
        public float $alarm,
        public float $most = self::MOST,
    ) {}

    /**
     * Total ammonia nitrogen that cleaning these zones frees, mg/L at low water.
     *
     * @param list<Zone> $zones
     */
    public function ammonia(array $zones): float
    {
        $freed = 0.0;
        foreach ($zones as $zone) {
            $freed += $this->load($zone) * $zone->cover->stirred();
        }

        return $freed / max(1.0, $this->lowLitres);
    }

    /** Nitrogen that lies in a zone, mg. */
    public function load(Zone $zone): float
    {
        return self::SETTLES * $this->nitratePerDay / MassConcentration::NITRATE_PER_NITROGEN * $this->litres * $zone
            ->area() * min(self::LONGEST, $zone->days ?? self::LONGEST);
    }

    public function freeAmmonia(float $total): float
    {
        return $total * Ammonia::freeShare($this->ph, $this->celsius);
    }

    /**
     * The next zones: longest waiting first, no neighbours in a row, within the share of the substrate and half of the alarm for
     * free ammonia.
     *
     * @param list<Zone> $zones
     *
     * @return list<Zone>
     */
    public function next(array $zones): array
    {
        usort($zones, static fn(Zone $a, Zone $b): int => ($b->days ?? INF) <=> ($a->days ?? INF) ?: $a->key <=> $b->key);
        $chosen = [];
        foreach ($zones as $zone) {
            $with = [...$chosen, $zone];
            $share = array_sum(array_map(static fn(Zone $p): float => $p->area(), $with));
            $isBeside = array_filter($chosen, static fn(Zone $other): bool => $other->touches($zone)) !== [];
            if (!$isBeside && $share <= $this->most + 1e-9 && $this->freeAmmonia($this->ammonia($with)) <= self::OF_ALARM * $this->alarm) {
                $chosen = $with;
            }
        }

        return $chosen;
    }

    /**
     * What stirring these zones brings, with its band.
     *
     * @param list<Zone> $zones
     */
    public function working(array $zones): Computation
    {
        $load = array_sum(array_map($this->load(...), $zones));
        $stirred = $load <= 0.0 ? 0.0 : $this->ammonia($zones) * max(1.0, $this->lowLitres) / $load;

        return Computation::of('rotation.title')
            ->given('N', 'rotation.nitrogen_that_lies_in_these_patches', new NormalValue($load, 0.5 * $load), 'mg')
            ->given('s', 'rotation.part_that_cleaning_frees', new NormalValue($stirred, 0.4 * $stirred), '')
            ->given('V', 'rotation.litres_at_low_water', $this->lowLitres, 'L')
            ->constant('a', 'rotation.free_share_at_this_ph_warmth', Ammonia::freeShare($this->ph, $this->celsius), '', 'emerson_others_1975')
            ->line('total = N * s / V', 'rotation.total_ammonia_nitrogen', 'mg/L')
            ->line('oxygen = 4.57 * total', 'rotation.oxygen_it_takes_to_turn_into', 'mg/L', '2_mol_of_oxygen_for_each')
            ->line('free = total * a', 'rotation.free_ammonia_nitrogen', 'mg/L')
            ->note('rotation.dirt_reckoned_from_what_feeding_turns');
    }
}
