<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** One way with a plant group that fails, weighed. */
final readonly class WeighedOption
{
    /**
     * @param float              $score  0 to 1, the larger the better
     * @param float              $light  µmol/m2s at its top then
     * @param float|null         $across where it would go, share of the length of the plan from the left
     * @param float|null         $deep   share of its depth from the front
     * @param list<PlantSpecies> $kinds  that would do with the light here
     * @param int|null           $other  the plant group that takes its light
     */
    public function __construct(
        public RemedyOption $way,
        public float $score,
        public float $light,
        public ?float $across = null,
        public ?float $deep = null,
        public array $kinds = [],
        public ?int $other = null,
    ) {}
}
