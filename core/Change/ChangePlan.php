<?php

declare(strict_types=1);

namespace Cresco\Core\Change;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Water\WaterState;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Grade;

/** A water change as it is meant to be done: this tank, this water, so many litres. */
final readonly class ChangePlan
{
    public const SHARE = 'f = 1 - (V - E - D) / V * ((V - D) / V)^(n - 1)';

    /**
     * @param float                $drained     litres out at each drain, 0 to what is in the tank
     * @param int                  $drains      how many times it is drained and filled up, 1 to 4
     * @param float                $evaporated  litres the tank stood below its line before the drain, 0 and more
     * @param float|null           $setPoint    pH that a controller holds; null when carbon dioxide goes back to its level
     * @param float                $warmth      degC the heater brings the tank back to
     * @param Distribution|null    $production  nitrate the tank makes, mg/L a day
     * @param array<string, Unit>  $units       by parameter value, as the keeper reads them
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
    ) {}

    public function withDrained(float $litres): self
    {
        return new self($this->vessel, $this->tank, $this->source, $litres, $this->drains, $this->evaporated, $this->setPoint, $this->warmth, $this->production, $this->units);
    }

    public function unit(Parameter $parameter): Unit
    {
        return $this->units[$parameter->value] ?? Unit::usual($parameter);
    }

    /** Litres that go in, over all drains. */
    public function refill(): float
    {
        return $this->drained * $this->drains + $this->evaporated;
    }

    /** Share of the water that is new afterwards, as a line of a working. */
    public function addShare(Computation $computation): Computation
    {
        return $computation
            ->given('V', 'net volume of the tank', $this->vessel->volumeDistribution(), 'L')
            ->given('D', 'litres drained each time', $this->drained, 'L')
            ->given('E', 'litres gone by evaporation before', $this->evaporated, 'L')
            ->given('n', 'times drained and filled up', (float) $this->drains, '')
            ->line(self::SHARE, 'share of new water', '');
    }

    public function share(): float
    {
        return $this->addShare(Computation::of('Share of new water'))->value('f');
    }

    /** Litres to drain each time for a share of new water, 0 to 1; the reverse of SHARE, found by halving. */
    public function litresForShare(float $share): float
    {
        $volume = $this->vessel->litres();
        $low = 0.0;
        $high = max(0.0, $volume - $this->evaporated);
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($low + $high) / 2.0;
            $old = ($volume - $this->evaporated - $middle) / $volume * (($volume - $middle) / $volume) ** ($this->drains - 1);
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
