<?php

declare(strict_types=1);

namespace App\Devices;

/** Counts what a simulated heater needs: as much as on the days before, more or less by the weather of the day. */
final readonly class SimulatedPlug implements Plug
{
    private const WEATHER = 0.05;

    /**
     * @param float  $usual minutes a day
     * @param string $name  of the tank and the day: the same day gives the same
     */
    public function __construct(private float $usual, private string $name) {}

    public function minutes(): float
    {
        return round(max(0.0, min(1440.0, $this->usual * (1.0 + (new Noise('plug '.$this->name))->about(self::WEATHER)))));
    }
}
