<?php

declare(strict_types=1);

namespace App\Devices;

/** A conductivity and temperature meter in a vessel. */
interface EcMeter
{
    public function read(): EcReading;
}
