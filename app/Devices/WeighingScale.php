<?php

declare(strict_types=1);

namespace App\Devices;

/** A scale with something on it. */
interface WeighingScale
{
    /** Grams, rounded to the scale's step. */
    public function read(): float;
}
