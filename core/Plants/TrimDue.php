<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

use Cresco\Core\Planning\DueBand;

/** When a plant group wants cutting, and why. */
final readonly class TrimDue
{
    /**
     * @param float    $limit  mm, or cover from 0 to 1, that it comes to then
     * @param int|null $shaded the plant group whose light it takes, where that is the reason
     */
    public function __construct(
        public GrowingGroup $plantGroup,
        public DueBand $due,
        public TrimReason $reason,
        public float $limit,
        public ?int $shaded = null,
    ) {}
}
