<?php

declare(strict_types=1);

namespace App\Devices;

/** Reads a simulated vessel to two decimals, with scatter. */
final readonly class SimulatedPhMeter implements PhMeter
{
    private const SCATTER = 0.03;

    public function __construct(private SimulatedVessel $vessel, private string $name) {}

    public function read(): float
    {
        return round($this->vessel->ph + (new Noise('acidity '.$this->name))->about(self::SCATTER), 2);
    }
}
