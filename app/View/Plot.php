<?php

declare(strict_types=1);

namespace App\View;

/** Lines and bands over two axes, as the points of a polyline or a polygon. */
final readonly class Plot
{
    public function __construct(public Axis $x, public Axis $y) {}

    /** @param iterable<array{float, float}> $points values along both axes */
    public function line(iterable $points): string
    {
        $drawn = [];
        foreach ($points as [$x, $y]) {
            $drawn[] = $this->x->at($x).','.$this->y->at($y);
        }

        return implode(' ', $drawn);
    }

    /** @param iterable<array{float, float, float}> $points place, lower and upper end */
    public function band(iterable $points): string
    {
        $up = $down = [];
        foreach ($points as [$x, $low, $high]) {
            $at = $this->x->at($x);
            $up[] = $at.','.$this->y->at($high);
            $down[] = $at.','.$this->y->at($low);
        }

        return implode(' ', [...$up, ...array_reverse($down)]);
    }
}
