<?php

declare(strict_types=1);

namespace Cresco\Core\Food;

/** Level of a nutrient on a day, mg/L, with the band that holds it eight times out of ten. */
final readonly class CoursePoint
{
    public function __construct(public float $day, public float $level, public float $low, public float $high) {}
}
