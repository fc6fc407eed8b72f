<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/** Reads a simulated vessel with scatter, and drifts a little from day to day as electrodes do. */
final readonly class SimulatedEcMeter implements EcMeter
{
    private const SCATTER = 0.004;

    private const DRIFT = 0.008;

    public function __construct(private SimulatedVessel $vessel, private string $name) {}

    public function read(): EcReading
    {
        $celsius = $this->vessel->celsius;
        $drift = self::DRIFT * sin(CarbonImmutable::now()->getTimestamp() / 86400.0 / 9.0);
        $share = 1.0 + $drift + (new Noise('pen '.$this->name))->about(self::SCATTER);

        return new EcReading(round(max(0.0, $this->vessel->conductivity * $share * (1.0 + 0.02 * ($celsius - 25.0)))), $celsius);
    }
}
