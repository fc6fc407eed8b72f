<?php

declare(strict_types=1);

namespace App\Devices;

/** A reverse-osmosis unit that knows its reservoir. */
interface OsmosisUnit
{
    /** Litres in the reservoir. */
    public function level(): float;

    /**
     * Conductivity of the water that goes in and of what comes out.
     *
     * @return array{float, float} uS/cm
     */
    public function conductivities(): array;
}
