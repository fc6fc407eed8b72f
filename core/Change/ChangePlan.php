<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\Mixing;
use Cresco\Core\Water\WaterState;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** A water change as it is meant to be done: this tank, this water, so many litres. */
final readonly class ChangePlan
{
    public const SHARE = 'f = 1 - (V - E - D) / V * ((V - D) / V)^(n - 1)';

    /**
     * The same when new water runs in while old runs out: of the mixture, dM/dt = -out M / V with V falling at out - in, so
     * that what is left of the old water goes with the level to the power 1 / (1 - r), r = in / out.
     */
    public const SHARE_WHILE_FILLING = 'f = 1 - (V - E) / V * ((V - E - D) / (V - E))^(1 / (1 - r))';

    /**
     * @param float                $drained     litres by which the level falls at each drain, 0 to what is in the tank
     * @param int                  $drains      how many times it is drained and filled up, 1 to 4
     * @param float                $evaporated  litres the tank stood below its line before the drain, 0 and more
     * @param float|null           $setPoint    pH that a controller holds; null when carbon dioxide goes back to its level
     * @param float                $warmth      degC the heater brings the tank back to
     * @param Distribution|null    $production  nitrate the tank makes, mg/L a day
     * @param array<string, Unit>  $units       by parameter value, as the keeper reads them
     * @param float                $inflow      new water that runs in while the level falls, as a share of what runs out; 0 to
     *                                          0.95, and only with a single drain
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
        public ?Distribution $production = null,
        public array $units = [],
        public float $inflow = 0.0,
    ) {}

    public function withDrained(float $litres): self
    {
        return new self($this->vessel, $this->tank, $this->source, $litres, $this->drains, $this->evaporated, $this->setPoint, $this->warmth, $this->production, $this->units, $this->inflow);
    }

    public function withDrains(int $drains): self
    {
        return new self($this->vessel, $this->tank, $this->source, $this->drained, $drains, $this->evaporated, $this->setPoint, $this->warmth, $this->production, $this->units, $this->inflow);
    }

    /** What is left of it once so many of its drains are done and filled up, from the mixture that they left. */
    public function after(self $done): self
    {
        $share = $done->share();
        $tank = Mixing::blend($this->tank->name, [[$this->tank, 1.0 - $share], [$this->source, $share]]);

        return new self($this->vessel, $tank, $this->source, $this->drained, max(1, $this->drains - $done->drains), 0.0, $this->setPoint, $this->warmth, $this->production, $this->units, $this->inflow);
    }

    public function withInflow(float $share): self
    {
        return new self($this->vessel, $this->tank, $this->source, $this->drained, $this->drains, $this->evaporated, $this->setPoint, $this->warmth, $this->production, $this->units, $share);
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
            ->given('V', 'net volume of the tank', $this->vessel->volumeDistribution(), 'L')
            ->given('D', $this->isWhileFilling() ? 'litres by which the level falls' : 'litres drained each time', $this->drained, 'L')
            ->given('E', 'litres gone by evaporation before', $this->evaporated, 'L');
        if ($this->isWhileFilling()) {
            return $computation
                ->given('r', 'new water that runs in meanwhile, as a share of what runs out', $this->inflow, '')
                ->line(self::SHARE_WHILE_FILLING, 'share of new water', '');
        }

        return $computation
            ->given('n', 'times drained and filled up', (float) $this->drains, '')
            ->line(self::SHARE, 'share of new water', '');
    }

    public function share(): float
    {
        return $this->addShare(Computation::of('Share of new water'))->value('f');
    }

    /**
     * Litres by which the level has to fall each time for a share of new water, 0 to 1; the reverse of SHARE, found by
     * halving.
     */
    public function litresForShare(float $share): float
    {
        $volume = $this->vessel->litres();
        $low = 0.0;
        $high = max(0.0, $volume - $this->evaporated);
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($low + $high) / 2.0;
            $present = $volume - $this->evaporated;
            $old = $present / $volume * (($present - $middle) / $present) ** (1.0 / (1.0 - $this->inflow)) * (($volume - $middle) / $volume) ** ($this->drains - 1);
            if (1.0 - $old < $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }

    /** The temperature of the refill that lands the tank on $warmth. */
    public function refillTemperature(float $target): ?Computation
    {
        $now = $this->tank->get(Parameter::Temperature);
        if ($now === null || $this->share() <= 0.0) {
            return null;
        }
        $unit = $this->unit(Parameter::Temperature);

        return $this->addShare(Computation::of('Temperature of the refill'))
            ->given('tank', 'temperature of the tank', $unit->distributionFromBase($now), $unit->label)
            ->given('goal', 'where the tank should land', $unit->fromBase($target), $unit->label, Grade::Consensus)
            ->line(Dilution::CORRECTIVE, 'temperature of the refill', $unit->label);
    }
}
