<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Formula;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Text;

/**
 * What a gravel tube lifts: dirt and every grain that settles slower than the water rises in it.
 *
 * Settling of natural grains by Ferguson and Church (2004, J. Sediment. Res. 74, 933), with C1 = 18 and C2 = 1.0, from mud to
 * gravel; walls and crowding, which both slow a grain down, are left out, so that a grain near the edge may go with it.
 */
final readonly class PickUp
{
    public const RISE = 'w = Q / 60000 / (3.14159265 * (T / 1000)^2 / 4)';

    public const SETTLING = 'ws = R * g * (d / 1000)^2 / (18 * nu + sqrt(0.75 * R * g * (d / 1000)^3))';

    /** mm: finer is mud, coarser is rock. House limits. */
    private const FINEST = 1e-3;

    /** mm: coarser is rock. House limit. */
    private const COARSEST = 1000.0;

    /** Settling of loose dirt, m/s: what rises slower does not clean. House default. */
    public const DIRT = 0.005;

    /**
     * @param float $perMinute flow of the hose, L/min
     * @param float $tube      inner diameter of the gravel tube, mm
     *
     * @throws HydraulicsFault when the tube has no width
     */
    public function __construct(public float $perMinute, public float $tube, public float $celsius = 24.0)
    {
        if (!($tube > 0.0 && $perMinute >= 0.0 && max($tube, $perMinute) < INF)) {
            throw HydraulicsFault::tube();
        }
    }

    /** m/s */
    public function rise(): float
    {
        return Formula::of(self::RISE)->number(['Q' => $this->perMinute, 'T' => $this->tube]);
    }

    /** m/s at which a grain sinks. @param float $size mm */
    public function settling(float $size, Grain $grain): float
    {
        if (!($size >= 0.0 && $size <= self::COARSEST)) {
            throw HydraulicsFault::grain();
        }

        return Formula::of(self::SETTLING)->number(['R' => $grain->excess(), 'g' => Siphon::GRAVITY, 'd' => $size, 'nu' => Siphon::viscosity($this->celsius)]);
    }

    public function lifts(float $size, Grain $grain): bool
    {
        return $this->settling($size, $grain) < $this->rise();
    }

    public function cleans(): bool
    {
        return $this->rise() > self::DIRT;
    }

    /** The coarsest grain that goes up, mm, found by halving; grains sink the faster the coarser they are. */
    public function coarsest(Grain $grain): float
    {
        return Bisection::edge(0.0, 50.0, fn(float $size): bool => $this->lifts($size, $grain));
    }

    /** The narrowest tube that leaves such grains lying at this flow, mm. */
    public function widthFor(float $size, Grain $grain): float
    {
        if ($size < self::FINEST) {
            throw HydraulicsFault::grain();
        }

        return 1000.0 * sqrt(4.0 * $this->perMinute / 60000.0 / (M_PI * $this->settling($size, $grain)));
    }

    /** The flow at which such grains just stay, L/min. */
    public function flowFor(float $size, Grain $grain): float
    {
        return $this->settling($size, $grain) * M_PI * ($this->tube / 1000.0) ** 2 / 4.0 * 60000.0;
    }

    public function working(float $size, Grain $grain): Computation
    {
        return Computation::of('pick_up.title')
            ->given('Q', 'pick_up.flow_of_hose_at_full_tank', $this->perMinute, 'L/min')
            ->given('T', 'pick_up.inner_diameter_of_tube', $this->tube, 'mm')
            ->given('d', 'pick_up.size_of_grain', $size, 'mm')
            ->constant(
                'R',
                Text::of('pick_up.how_much_denser_than_water_what', what: $grain),
                $grain->excess(),
                '',
                $grain === Grain::Quartz ? 'quartz_2650_kg_m' : 'house_default',
            )
            ->constant('nu', 'pick_up.kinematic_viscosity_of_water', Siphon::viscosity($this->celsius), 'm²/s', 'vogel_equation')
            ->constant('g', 'pick_up.gravity', Siphon::GRAVITY, 'm/s²', 'standard')
            ->line(self::RISE, 'pick_up.speed_at_which_water_rises_in', 'm/s')
            ->line(self::SETTLING, 'pick_up.speed_at_which_grain_sinks_ferguson', 'm/s')
            ->note('pick_up.grain_goes_up_when_it_sinks');
    }
}
