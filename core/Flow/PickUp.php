<?php

declare(strict_types=1);

namespace Cresco\Core\Flow;

use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Formula;

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
     * @throws FlowFault when the tube has no width
     */
    public function __construct(public float $perMinute, public float $tube, public float $celsius = 24.0)
    {
        if (!($tube > 0.0 && $perMinute >= 0.0 && max($tube, $perMinute) < INF)) {
            throw FlowFault::tube();
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
            throw FlowFault::grain();
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
            throw FlowFault::grain();
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
        return Computation::of('What the gravel tube lifts')
            ->given('Q', 'flow of the hose at the full tank', $this->perMinute, 'L/min')
            ->given('T', 'inner diameter of the tube', $this->tube, 'mm')
            ->given('d', 'size of the grain', $size, 'mm')
            ->constant('R', 'how much denser than water, '.$grain->label(), $grain->excess(), '', $grain === Grain::Quartz ? 'quartz, 2650 kg/m³' : 'house default')
            ->constant('nu', 'kinematic viscosity of the water', Siphon::viscosity($this->celsius), 'm²/s', 'Vogel equation')
            ->constant('g', 'gravity', Siphon::GRAVITY, 'm/s²', 'standard')
            ->line(self::RISE, 'speed at which the water rises in the tube', 'm/s')
            ->line(self::SETTLING, 'speed at which the grain sinks, Ferguson and Church (2004)', 'm/s')
            ->note('A grain goes up when it sinks slower than the water rises. Pinch the hose to let grains fall back.');
    }
}
