<?php

declare(strict_types=1);

namespace Cresco\Core\Tank;

/** The plan of the water inside the panes. Depth is counted from the back pane toward the viewer. */
interface Footprint
{
    /** Inner plan area, mm2. */
    public function area(): float;

    /** Plan area that lies within $depth (mm, 0 to depth()) of the back, mm2. */
    public function areaBehind(float $depth): float;

    /** Inner length from side to side, mm. */
    public function length(): float;

    /** Inner depth from the back to the foremost point, mm. */
    public function depth(): float;

    /**
     * The outline, clockwise from the back left corner, as points of [across, depth] in mm.
     *
     * @return list<array{float, float}>
     */
    public function outline(): array;
}
