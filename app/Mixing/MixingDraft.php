<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Product;
use Cresco\Core\Mixing\Advice;
use Cresco\Core\Mixing\Mixture;
use Cresco\Core\Mixing\Spoon;
use Cresco\Core\Mixing\WeighedBatch;
use Cresco\Core\Water\WaterState;
use Cresco\Core\WaterChange\Passage;

/** A batch worked out: recipes, what can be reached, what stands in the way, and the way of the tank. */
final readonly class MixingDraft
{
    /**
     * @param array<int, IonsQuery>     $waters       all of the keeper's
     * @param array<string, Mixture>    $recipes      by preference, those that differ
     * @param list<Product>             $products     in the order of the recipe
     * @param WeighedBatch              $batch        the one that is shown
     * @param array<int, Spoon>         $spoons       of the products that are measured by spoon, by place
     * @param list<array{float, float}> $region       corners of GH (mmol/L) and KH (meq/L)
     * @param array{float, float}|null  $conductivity least and most with this GH and KH
     * @param WaterState|null           $tank         today
     * @param list<string>              $missing      what of the tank was not read and the way needs
     */
    public function __construct(
        public MixingInput $input,
        public array $waters,
        public Mixture $closest,
        public array $recipes,
        public array $products,
        public WeighedBatch $batch,
        public array $spoons,
        public ?Advice $advice,
        public array $region,
        public ?array $conductivity,
        public ?WaterState $tank,
        public ?Passage $passage,
        public ?string $noPassage,
        public array $missing,
    ) {}
}
