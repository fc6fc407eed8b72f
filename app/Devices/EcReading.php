<?php

declare(strict_types=1);

namespace App\Devices;

use Cresco\Core\Measure\Conductivity;

/** What a conductivity meter without temperature compensation shows. */
final readonly class EcReading
{
    /** @param float $shown uS/cm at $celsius */
    public function __construct(public float $shown, public float $celsius) {}

    /** uS/cm at 25 degC */
    public function compensated(): float
    {
        return Conductivity::uncompensated($this->shown, $this->celsius)->microsiemensPerCentimetre;
    }
}
