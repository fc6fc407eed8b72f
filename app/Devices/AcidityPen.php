<?php

declare(strict_types=1);

namespace App\Devices;

/** A pH pen in a vessel. */
interface AcidityPen
{
    public function read(): float;
}
