<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Batch;
use App\Models\Product;
use Cresco\Core\Water\AcidKind;

/** Acid that goes into a water, and what the log says of it. */
final readonly class AcidDose
{
    /**
     * @param Product|null $product     that it comes out of
     * @param float        $millilitres of the solution
     * @param float        $equivalents of acid in all of the water, meq
     * @param Batch|null   $batch       that all of it goes into
     */
    public function __construct(
        public AcidKind $kind,
        public ?Product $product,
        public float $millilitres,
        public float $litres,
        public float $equivalents,
        public ?Batch $batch,
        public string $title,
        public string $body,
    ) {}
}
