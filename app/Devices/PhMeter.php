<?php

declare(strict_types=1);

namespace App\Devices;

/** A pH pen in a vessel. */
interface PhMeter
{
    public function read(): float;
}
