<?php

declare(strict_types=1);

namespace App\Units;

use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\TestKit;

/** How one person measures, types and reads. */
interface Habits
{
    public function coreKit(Parameter $parameter): TestKit;

    public function volumeUnit(): VolumeUnit;

    public function lengthUnit(): LengthUnit;

    /** Name of the zone that days and hours are told in, such as "Europe/Lisbon". */
    public function timeZone(): string;
}
