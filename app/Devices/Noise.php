<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Scatter that is the same each time for the same name, so that a simulation can be gone through again. */
final readonly class Noise
{
    private Randomizer $chance;

    public function __construct(string $name)
    {
        $this->chance = new Randomizer(new Mt19937(crc32($name)));
    }

    /** Near a bell curve about 0 with this standard deviation, never beyond 3.5 of it: twelve even draws, their sum less six. */
    public function about(float $deviation): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += $this->chance->getInt(0, 1_000_000) / 1_000_000;
        }

        return $deviation * max(-3.5, min(3.5, $sum));
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
