<?php

declare(strict_types=1);

namespace App\Devices;

/** A pH meter in a vessel. */
interface PhMeter
{
    public function read(): float;
}
