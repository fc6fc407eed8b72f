<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Product;
use App\Models\SourceWater;
use App\Models\Tank;
use Cresco\Core\Mixing\Preference;
use Cresco\Core\Mixing\Target;
use Cresco\Core\Tank\AnimalGroup;
use Cresco\Core\Tank\Needs;

/** What a keeper asks of the mixing page, in base units. */
final readonly class MixingInput
{
    /**
     * @param Tank|null         $tank     that the water is for
     * @param list<SourceWater> $waters   to begin with
     * @param list<Product>     $products allowed
     * @param float             $step     of the scale, g
     * @param bool              $bySpoon  whether products with a known spoon are measured by it
     * @param bool              $isDirect whether minerals go straight into the tank, with the refill
     * @param float             $fraction of the tank that one change takes, for the way there
     */
    public function __construct(
        public ?Tank $tank,
        public AnimalGroup $animals,
        public float $litres,
        public array $waters,
        public array $products,
        public Target $target,
        public Preference $preference,
        public float $step,
        public bool $bySpoon,
        public bool $isDirect,
        public float $fraction,
    ) {}

    /** What the water is made for: the tank's own needs, or those of the group that was chosen instead. */
    public function needs(): Needs
    {
        return self::needsOf($this->tank, $this->animals);
    }

    public static function needsOf(?Tank $tank, AnimalGroup $animals): Needs
    {
        return $tank !== null && $tank->animals === $animals ? $tank->needs() : new Needs($animals);
    }
}
