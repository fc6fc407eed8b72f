<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** What is known about a quantity: not one number but how likely each number is. */
interface Distribution
{
    /** The value below which the share $share (0 to 1) of the cases lies. */
    public function quantile(float $share): float;

    /** The middle of the cases: as many above as below. */
    public function central(): float;

    /** The standard deviation, in the unit of the value. */
    public function spread(): float;

    /** The same knowledge in another unit: each value times $scale plus $offset; $scale above 0. */
    public function scaled(float $scale, float $offset = 0.0): self;
}
