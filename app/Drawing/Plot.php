<?php

declare(strict_types=1);

namespace App\Drawing;

/** Lines and bands over two axes, as the points of a polyline or a polygon. */
final readonly class Plot
{
    public function __construct(public Axis $x, public Axis $y) {}

    /** @param list<array{float, float}> $points values along both axes */
    public function line(array $points): string
    {
        return $this->joined($this->x->all(array_column($points, 0)), array_column($points, 1));
    }

    /** @param list<array{float, float, float}> $points place, lower and upper end */
    public function band(array $points): string
    {
        $places = $this->x->all(array_column($points, 0));

        return $this->joined([...$places, ...array_reverse($places)], [...array_column($points, 2), ...array_reverse(array_column($points, 1))]);
    }

    /**
     * @param list<float> $places along the first axis
     * @param list<float> $values along the second
     */
    private function joined(array $places, array $values): string
    {
        return implode(' ', array_map(static fn(float $x, float $y): string => $x.','.$y, $places, $this->y->all($values)));
    }
}
