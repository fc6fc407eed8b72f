<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** One session of the way back. */
final readonly class CatchUpSession
{
    /**
     * @param int        $day         counted from today
     * @param float      $change      share of the water, 0 to 1
     * @param float      $bed         share of the substrate, 0 to 1
     * @param int        $plantGroups that are cut
     * @param bool       $media       whether the filter media are rinsed
     * @param float|null $before      what comes down, as it should stand when it begins
     * @param float|null $after       the same afterwards
     */
    public function __construct(
        public int $day,
        public float $change,
        public float $bed,
        public int $plantGroups,
        public bool $media,
        public ?float $before,
        public ?float $after,
    ) {}
}
