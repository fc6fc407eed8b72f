<?php

declare(strict_types=1);

namespace App\Devices;

/** A peristaltic pump whose tube has worn: it gives a little less than is set, the same each time but for a bubble. */
final readonly class SimulatedDoser implements Doser
{
    private const BUBBLES = 0.01;

    public function __construct(private string $name) {}

    public function run(float $set): float
    {
        $tube = (new Noise('tube of '.$this->name))->between(0.78, 1.02);

        return round(max(0.0, $set * $tube * (1.0 + (new Noise('run of '.$this->name.' '.$set))->about(self::BUBBLES))), 1);
    }
}
