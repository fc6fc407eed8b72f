<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What one plant group is cut to in a session, and what follows. */
final readonly class TrimCut
{
    /**
     * @param float                $to    height left, mm; of floating plants the height stays
     * @param float                $cover left, 0 to 1
     * @param float                $share of its leaves that goes, 0 to 1
     * @param float                $fresh g that are taken out, drained
     * @param int                  $tops  that may be set again on the area of the plant group; 0 where none come off
     * @param array{int, int}|null $full  days after which it is again where it was to be; null where that is never
     * @param TrimDue|null         $due   why
     */
    public function __construct(
        public GrowingGroup $plantGroup,
        public float $to,
        public float $cover,
        public float $share,
        public float $fresh,
        public int $tops,
        public ?array $full,
        public ?TrimDue $due,
    ) {}
}
