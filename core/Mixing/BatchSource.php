<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ions;

/** A water that a batch may begin with. */
final readonly class BatchSource
{
    /** uS/cm by which the meter differs from what the ions give: what the analysis does not know. */
    public float $surplus;

    /**
     * @param Ions       $ions     in one litre
     * @param float|null $measured conductivity, uS/cm at 25 degC, when it was read
     * @param float|null $litres   at hand; null when there is no end to it
     * @param bool       $isPure   reverse osmosis or distilled: the water to be sparing with
     */
    public function __construct(
        public string $key,
        public string $name,
        public Ions $ions,
        public ?float $measured = null,
        public ?float $litres = null,
        public bool $isPure = false,
    ) {
        $this->surplus = $measured === null ? 0.0 : $measured - Conductance::of($ions)->microsiemens;
    }

    public static function pure(string $key = 'pure', string $name = 'RO'): self
    {
        return new self($key, $name, Ions::none(), 0.0, null, true);
    }
}
