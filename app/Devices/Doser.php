<?php

declare(strict_types=1);

namespace App\Devices;

/** A pump that gives a set amount of a bottle. */
interface Doser
{
    /**
     * Lets it run into a measuring cylinder.
     *
     * @param float $set mL that it is set to give
     *
     * @return float mL that stand in the cylinder, to a tenth
     */
    public function run(float $set): float;
}
