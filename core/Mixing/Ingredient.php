<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/** A product that may go into a batch: one column of the recipe, for each gram or millilitre. */
final readonly class Ingredient
{
    /**
     * @param string     $unit       "g" or "mL"
     * @param Ions       $perUnit    mmol that one unit brings
     * @param float|null $labelled   uS/cm in one litre for one unit, when the ions are not all known; null when they are
     * @param float      $solubility units that dissolve in one litre
     * @param float      $price      for one unit, in the keeper's money
     * @param float|null $stock      units at hand; null when not kept count of
     * @param float      $doubt      standard deviation of $labelled, as a share of it
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public Ions $perUnit,
        public ?float $labelled,
        public float $solubility,
        public float $price,
        public ?float $stock,
        public ?Salt $salt,
        public float $doubt = 0.0,
    ) {}

    /** @param float $purity above 0 to 1 */
    public static function ofSalt(Salt $salt, string $key = '', float $purity = 1.0, float $price = 0.0, ?float $stock = null, string $name = ''): self
    {
        if (!($purity > 0.0 && $purity <= 1.0)) {
            throw MixingFault::trial('recipe.purity');
        }

        return new self(
            $key === '' ? $salt->key : $key,
            $name === '' ? $salt->key : $name,
            'g',
            $salt->perGram($purity),
            null,
            $salt->solubility,
            $price,
            $stock,
            $salt,
        );
    }

    public static function ofLabel(string $key, string $name, string $unit, Label $label, float $price = 0.0, ?float $stock = null): self
    {
        return new self($key, $name, $unit, $label->ionsPerUnit(), $label->microsiemensPerUnit(), INF, $price, $stock, null, $label->doubt());
    }

    /** Ions that go into the conductivity; those of a labelled product do not, the label speaks for them. */
    public function conducting(): Ions
    {
        return $this->labelled === null ? $this->perUnit : Ions::none();
    }

    /** Whether it is known what it does to hardness and alkalinity: a label that names only conductivity says nothing of them. */
    public function isHardnessKnown(): bool
    {
        return $this->labelled === null || $this->perUnit->hardness() + $this->perUnit->alkalinity() > 0.0;
    }

    /** @return list<Ion> that the product may bring without saying how much */
    public function unknown(): array
    {
        return $this->labelled === null ? [] : [Ion::Sodium, Ion::Potassium, Ion::Chloride, Ion::Sulfate];
    }

    /** Place in the order of dissolving: gypsum first, bicarbonate and carbonate last. */
    public function turn(): int
    {
        return match (true) {
            $this->salt !== null => $this->salt->turn,
            $this->perUnit->alkalinity() > $this->perUnit->hardness() => 8,
            default => 3,
        };
    }
}
