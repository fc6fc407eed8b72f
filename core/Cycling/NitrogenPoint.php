<?php

declare(strict_types=1);

namespace Cresco\Core\Cycling;

/** Nitrogen at the end of a day. */
final readonly class NitrogenPoint
{
    /**
     * @param float      $ammonia    ammonia and ammonium, mg/L N
     * @param float      $nitrite    mg/L N
     * @param float      $nitrate    mg/L N
     * @param float      $plants     what plants have taken since the beginning, mg/L N
     * @param float|null $alkalinity meq/L
     * @param float      $given      what has come in, without what changes took out, mg/L N
     */
    public function __construct(
        public int $day,
        public float $ammonia,
        public float $nitrite,
        public float $nitrate,
        public float $plants,
        public ?float $alkalinity,
        public float $given,
    ) {}

    /** All nitrogen that is accounted for, mg/L. */
    public function sum(): float
    {
        return $this->ammonia + $this->nitrite + $this->nitrate + $this->plants;
    }
}
