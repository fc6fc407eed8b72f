<?php

declare(strict_types=1);

namespace App\Plants;

use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\TrimCut;

/** One stand on the page of the plants of a tank. */
final readonly class PlantGroupRow
{
    /**
     * @param int          $number on the drawings
     * @param bool         $picked whether it is cut in the next session
     * @param bool         $isDue  whether it comes due before the next cut
     * @param string       $to     what it is cut to, as typed
     * @param list<string> $light
     * @param list<string> $fails  why it fails and what may be done
     * @param list<string> $says   of its cut
     */
    public function __construct(
        public int $number,
        public GrowingGroup $plantGroup,
        public TrimCut $cut,
        public bool $picked,
        public bool $isDue,
        public string $to,
        public string $unit,
        public string $when,
        public string $why,
        public string $height,
        public string $seen,
        public string $rate,
        public array $light,
        public array $says,
        public array $fails,
    ) {}
}
