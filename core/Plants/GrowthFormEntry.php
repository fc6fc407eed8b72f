<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** What a form of growth brings. */
final readonly class GrowthFormEntry
{
    /**
     * @param array{float, float, float}      $rates          slow, middling, fast: mm a week where it is fastest, in good light with carbon dioxide
     * @param float|null                      $ceiling        mm at which it stops; null where the water sets it
     * @param float                           $shade          ln of the light that is lost in a layer of leaves
     * @param float                           $layers         of leaves at the height of the water
     * @param float                           $dryMass        g/m2 at full height and cover
     * @param float                           $spacing        mm from one to the next when it is set
     * @param float                           $limit          thickness in mm or cover beyond which it is due; 0 where height decides
     * @param float                           $least          that a cut leaves, mm or cover
     * @param array{float, float, float}|null $doubling       slow, middling, fast: days in which its cover doubles while sparse
     * @param bool                            $reachesSurface whether it grows up to the surface and lies over there
     * @param bool                            $perches        whether it sits on wood or stone
     */
    public function __construct(
        public array $rates,
        public ?float $ceiling,
        public float $shade,
        public float $layers,
        public float $dryMass,
        public float $spacing,
        public CutRule $cutBy,
        public float $limit = 0.0,
        public float $least = 40.0,
        public ?array $doubling = null,
        public bool $reachesSurface = false,
        public bool $perches = false,
        public bool $floats = false,
    ) {}
}
