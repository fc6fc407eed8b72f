<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;

/** A water change as it is meant to be done: this tank, this water, so many litres. */
final readonly class ChangePlan
{
    public const SHARE = 'f = 1 - max(V - E - D, 0) / V * (max(V - D, 0) / V)^(n - 1)';

    /**
     * The same when new water runs in while old runs out: of the mixture, dM/dt = -out M / V with V falling at out - in, so
     * that what is left of the old water goes with the level to the power 1 / (1 - r), r = in / out.
     */
    public const SHARE_WHILE_FILLING = 'f = 1 - max(V - E, 0) / V * (max(V - E - D, 0) / max(V - E, 0.001))^(1 / (1 - r))';

    /** More than so much of what runs out cannot run in while the level is to fall. House limit. */
    public const MOST_INFLOW = 0.95;

    /**
     * @param float                       $drained    litres by which the level falls at each drain, 0 to what is in the tank
     * @param int                         $drains     how many times it is drained and filled up, 1 to 4
     * @param float                       $evaporated litres the tank stood below its line before the drain, 0 and more
     * @param float|null                  $setPoint   pH that a controller holds; null when carbon dioxide goes back to its level
     * @param float                       $warmth     degC the heater brings the tank back to
     * @param array<string, Distribution> $made       by parameter value: what the tank makes in a day, or takes up where it is below nothing, in base units
     * @param array<string, Unit>         $units      by parameter value, as the keeper reads them
     * @param float                       $inflow     new water that runs in while the level falls, as a share of what runs out; 0 to
     *                                                0.95, and only with a single drain
     *
     * @throws WaterChangeFault when an amount is below nothing or no ordinary number
     */
    public function __construct(
        public Vessel $vessel,
        public WaterState $tank,
        public WaterState $source,
        public float $drained,
        public int $drains = 1,
        public float $evaporated = 0.0,
        public ?float $setPoint = null,
        public float $warmth = 24.0,
        public array $made = [],
        public array $units = [],
        public float $inflow = 0.0,
    ) {
        foreach ([$drained, $evaporated, $inflow] as $figure) {
            if (!is_finite($figure) || $figure < 0.0) {
                throw WaterChangeFault::amount();
            }
        }
        if ($drains < 1 || $inflow > self::MOST_INFLOW || ($inflow > 0.0 && $drains > 1)) {
            throw WaterChangeFault::flow();
        }
    }

    public function withDrained(float $litres): self
    {
        return $this->with(drained: $litres);
    }

    public function withDrains(int $drains): self
    {
        return $this->with(drains: $drains);
    }

    public function withSource(WaterState $source): self
    {
        return $this->with(source: $source);
    }

    private function with(
        ?WaterState $tank = null,
        ?WaterState $source = null,
        ?float $drained = null,
        ?int $drains = null,
        ?float $evaporated = null,
        ?float $inflow = null,
    ): self {
        return new self(
            $this->vessel,
            $tank ?? $this->tank,
            $source ?? $this->source,
            $drained ?? $this->drained,
            $drains ?? $this->drains,
            $evaporated ?? $this->evaporated,
            $this->setPoint,
            $this->warmth,
            $this->made,
            $this->units,
            $inflow ?? $this->inflow,
        );
    }

    /** What is left of it once so many of its drains are done and filled up, from the mixture that they left. */
    public function after(self $done): self
    {
        $share = $done->share();
        $tank = Mixing::blend($this->tank->name, [[$this->tank, 1.0 - $share], [$this->source, $share]]);

        return $this->with(tank: $tank, drains: max(1, $this->drains - $done->drains), evaporated: 0.0);
    }

    public function withInflow(float $share): self
    {
        return $this->with(inflow: $share);
    }

    public function unit(Parameter $parameter): Unit
    {
        return $this->units[$parameter->value] ?? Unit::usual($parameter);
    }

    public function isWhileFilling(): bool
    {
        return $this->inflow > 0.0;
    }

    /** Litres that leave, over all drains. */
    public function outflow(): float
    {
        return $this->drained * $this->drains / (1.0 - $this->inflow);
    }

    /** Litres that go in, over all drains. */
    public function refill(): float
    {
        return $this->outflow() + $this->evaporated;
    }

    /** Share of the water that is new afterwards, as a line of a working. */
    public function addShare(Computation $computation): Computation
    {
        $computation
            ->given('V', 'change_plan.net_volume_of_tank', $this->vessel->volumeDistribution(), 'L')
            ->given('D', $this->isWhileFilling() ? 'change_plan.litres_by_which_level_falls' : 'change_plan.litres_drained_each_time', $this->drained, 'L')
            ->given('E', 'change_plan.litres_gone_by_evaporation_before', $this->evaporated, 'L');
        if ($this->isWhileFilling()) {
            return $computation
                ->given('r', 'change_plan.new_water_that_runs_in_while', $this->inflow, '')
                ->line(self::SHARE_WHILE_FILLING, 'change_plan.share_of_new_water', '');
        }

        return $computation
            ->given('n', 'change_plan.times_drained_filled_up', (float) $this->drains, '')
            ->line(self::SHARE, 'change_plan.share_of_new_water', '');
    }

    public function share(): float
    {
        return $this->addShare(Computation::of('change_plan.title'))->value('f');
    }

    /**
     * Litres by which the level has to fall each time for a share of new water, 0 to 1; the reverse of SHARE, found by
     * halving.
     */
    public function litresForShare(float $share): float
    {
        $volume = $this->vessel->litres();
        $present = max(0.0, $volume - $this->evaporated);
        if ($present <= 0.0) {
            return 0.0;
        }
        $new = fn(float $litres): float => 1.0 - $present / $volume * (($present - $litres) / $present) ** (1.0 / (1.0 - $this->inflow)) * (($volume - $litres) / $volume) ** ($this->drains - 1);

        return Bisection::edge(0.0, $present, static fn(float $litres): bool => $new($litres) < $share);
    }
}
