<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Checklist\Caution;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/** A pure salt: what it is made of, how well it dissolves, and what to mind when it does. */
final readonly class Salt
{
    /**
     * @param string             $key        of the catalogue
     * @param string             $formula    as it stands on a product
     * @param float              $molarMass  g/mol, water of crystallisation included
     * @param array<string, int> $brings     mol of each ion for one mol of the salt; a carbonate counts as two bicarbonates
     * @param float              $solubility g/L that dissolves in practice at room temperature
     * @param int                $turn       place in the order of dissolving, low first
     * @param int                $minutes    to stir until it is gone. House default.
     * @param list<Caution>      $cautions
     * @param bool               $weighed    false for what dissolves only as carbon dioxide allows
     */
    public function __construct(
        public string $key,
        public string $formula,
        public float $molarMass,
        public array $brings,
        public float $solubility,
        public int $turn,
        public int $minutes,
        public array $cautions = [],
        public bool $isFertiliser = false,
        public bool $weighed = true,
    ) {}

    /** mmol of each ion that one gram brings. @param float $purity share of the salt in the product, above 0 to 1 */
    public function perGram(float $purity = 1.0): Ions
    {
        $amounts = [];
        foreach ($this->brings as $ion => $count) {
            $amounts[$ion] = 1000.0 * $purity * $count / $this->molarMass;
        }

        return Ions::millimoles($amounts);
    }

    public function bringsIon(Ion $ion): bool
    {
        return isset($this->brings[$ion->value]);
    }
}
