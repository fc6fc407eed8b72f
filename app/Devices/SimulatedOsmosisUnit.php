<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Reservoir;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;

/** Has gone on filling its reservoir since the level was last written down, and its membrane ages. */
final readonly class SimulatedOsmosisUnit implements OsmosisUnit
{
    private const TAP = 388.0;

    /** Share that a new membrane lets through, and what each year adds to it. */
    private const NEW = 0.03;

    private const AGE = 0.035;

    public function __construct(private Reservoir $reservoir) {}

    public function level(): float
    {
        $days = max(0.0, TimeDifference::days($this->reservoir->updated_at, CarbonImmutable::now()));

        return round(min($this->reservoir->capacity, $this->reservoir->level + $days * $this->reservoir->litres_per_day), 1);
    }

    /** @return array{float, float} */
    public function conductivities(): array
    {
        $years = $this->reservoir->membrane_on === null ? 1.0 : max(0.0, TimeDifference::days($this->reservoir->membrane_on, CarbonImmutable::now()) / 365.0);
        $noise = new Noise('unit '.$this->reservoir->id.' '.CarbonImmutable::now()->format('YmdHi'));
        $in = round(self::TAP * (1.0 + $noise->about(0.02)));

        return [$in, round($in * (self::NEW + self::AGE * $years) * (1.0 + $noise->about(0.05)), 1)];
    }
}
