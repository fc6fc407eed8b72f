<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** Nitrogen of a tank that is being started, by the day, with its peaks. */
final readonly class NitrogenCourse
{
    /** @param list<NitrogenPoint> $points from day 0 on, one a day */
    public function __construct(public array $points, public NitrogenPeak $ammonia, public NitrogenPeak $nitrite) {}
}
