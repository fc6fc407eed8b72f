<?php

declare(strict_types=1);

namespace Cresco\Core\State;

/** A level on a day, with the band that holds it eight times out of ten. */
final readonly class CoursePoint
{
    public function __construct(public float $day, public float $level, public float $low, public float $high) {}
}
