<?php

declare(strict_types=1);

namespace Cresco\Core\Hydraulics;

use Closure;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Numeric\Bisection;

/**
 * Water running down a full hose by its own weight: 2 g h = v2 (1 + f L/D + K) with Darcy's friction, f = 64/Re up to Re 2000,
 * by Swamee and Jain (1976, J. Hydraul. Div. ASCE 102, 657) above 4000, a straight line in Re between.
 */
final readonly class Siphon
{
    /** m/s2, by definition. */
    public const GRAVITY = 9.80665;

    /** mm: no hose hangs lower than a tower. House limit. */
    private const DEEPEST = 1e5;

    /** Reynolds number below which the flow is laminar. Common table value. */
    private const LAMINAR = 2000.0;

    /** Reynolds number above which it is turbulent; between the two a straight line. Common table value. */
    private const TURBULENT = 4000.0;

    /** Steps of the integration over the litres; even. */
    private const STEPS = 32;

    /** Kinematic viscosity of the water, m2/s. */
    public float $viscosity;

    /** @param float $celsius of the water, 0 to 60 */
    public function __construct(public Hose $hose, public float $celsius = 24.0)
    {
        $this->viscosity = self::viscosity($celsius);
    }

    /** m2/s: dynamic viscosity by the Vogel equation over a density of 0 to 60 degC that is good to 0.1 %. */
    public static function viscosity(float $celsius): float
    {
        if (!($celsius >= 0.0 && $celsius <= 60.0)) {
            throw HydraulicsFault::water();
        }

        $dynamic = 2.414e-5 * 10.0 ** (247.8 / ($celsius + 273.15 - 140.0));
        $density = 1000.0 * (1.0 - ($celsius + 288.9414) * ($celsius - 3.9863) ** 2 / (508929.2 * ($celsius + 68.12963)));

        return $dynamic / $density;
    }

    /** Darcy's friction factor. @param float $reynolds above 0 */
    public function friction(float $reynolds): float
    {
        if ($reynolds <= self::LAMINAR) {
            return 64.0 / max(1e-9, $reynolds);
        }
        if ($reynolds >= self::TURBULENT) {
            return $this->swameeJain($reynolds);
        }
        $share = ($reynolds - self::LAMINAR) / (self::TURBULENT - self::LAMINAR);

        return (1.0 - $share) * 64.0 / self::LAMINAR + $share * $this->swameeJain(self::TURBULENT);
    }

    private function swameeJain(float $reynolds): float
    {
        return 0.25 / log10($this->hose->roughness / (3.7 * $this->hose->bore) + 5.74 / $reynolds ** 0.9) ** 2;
    }

    /** m/s in the hose; nothing without a head. @param float $head mm from the water surface down to the open end */
    public function velocity(float $head): float
    {
        if ($head <= 0.0) {
            return 0.0;
        }
        $drive = 2.0 * self::GRAVITY * $head / 1000.0;
        $slender = $this->hose->length * 1000.0 / $this->hose->bore;
        // Each speed gives a friction, each friction a speed: they meet within some rounds, since friction changes slowly.
        $v = sqrt($drive / (1.0 + 0.03 * $slender + $this->hose->bends));
        for ($i = 0; $i < 80; ++$i) {
            $next = sqrt($drive / (1.0 + $this->friction($this->reynolds($v)) * $slender + $this->hose->bends));
            if (abs($next - $v) <= 1e-7 * $next) {
                return $next;
            }
            $v = $next;
        }

        return $v;
    }

    public function reynolds(float $velocity): float
    {
        return $velocity * $this->hose->bore / 1000.0 / $this->viscosity;
    }

    public function litresPerMinute(float $head): float
    {
        return $this->velocity($head) * $this->hose->area() * 1e-3 * 60.0;
    }

    /**
     * How long a tank takes to drain.
     *
     * @param float                $litres to drain
     * @param float                $head   mm from the full surface to the open end of the hose
     * @param Closure(float):float $fallen mm that the surface has fallen after so many litres, rising
     */
    public function drain(float $litres, float $head, Closure $fallen): Drain
    {
        if (!is_finite($litres) || !is_finite($head) || $head > self::DEEPEST) {
            throw HydraulicsFault::water();
        }
        if ($litres <= 0.0) {
            return new Drain(0.0, $this->litresPerMinute($head), $this->litresPerMinute($head), $litres, true);
        }
        if ($head - $fallen($litres) <= 1e-6) {
            // The surface comes down to the end of the hose before the mark: flow stops there.
            $runs = Bisection::edge(0.0, $litres, static fn(float $gone): bool => $head - $fallen($gone) > 0.0);

            return new Drain(INF, $this->litresPerMinute($head), 0.0, $runs, false);
        }
        // The litres are taken in ever smaller steps toward the end, where flow is least: Simpson's rule in x with
        // V = litres (1 - (1 - x)^2).
        $sum = 0.0;
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $left = 1.0 - $i / self::STEPS;
            $flow = $this->litresPerMinute($head - $fallen($litres * (1.0 - $left * $left))) / 60.0;
            $weight = $i === 0 || $i === self::STEPS ? 1.0 : ($i % 2 === 1 ? 4.0 : 2.0);
            $sum += $weight * 2.0 * $litres * $left / $flow;
        }

        return new Drain($sum / (3.0 * self::STEPS), $this->litresPerMinute($head), $this->litresPerMinute($head - $fallen($litres)), $litres, true);
    }

    /** How the flow at one head comes about. */
    public function working(float $head): Computation
    {
        $friction = $this->friction($this->reynolds($this->velocity($head)));

        return Computation::of('siphon.title')
            ->given('h', 'siphon.from_water_surface_to_open_end', $head / 1000.0, 'm')
            ->given('D', 'siphon.bore', $this->hose->bore / 1000.0, 'm')
            ->given('L', 'siphon.length', $this->hose->length, 'm')
            ->constant('K', 'siphon.entrance_bends', $this->hose->bends, '', 'house_default')
            ->constant('f', 'siphon.darcy_friction_at_this_speed', $friction, '', 'swamee_jain_1976_64_re_when')
            ->constant('g', 'siphon.gravity', self::GRAVITY, 'm/s²', 'standard')
            ->line('v = sqrt(2 * g * h / (1 + f * L / D + K))', 'siphon.speed_in_hose', 'm/s')
            ->line('Q = v * 3.14159265 * D^2 / 4 * 60000', 'siphon.flow', 'L/min')
            ->note('siphon.friction_depends_on_speed_found_with');
    }
}
