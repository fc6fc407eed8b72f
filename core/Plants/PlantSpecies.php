<?php

declare(strict_types=1);

namespace Cresco\Core\Plants;

/** A kind of plant: what is known of it before the log knows better. */
final readonly class PlantSpecies
{
    public string $name;

    /**
     * @param string     $key         of the catalogue
     * @param string     $name        botanical; empty where the key has its words
     * @param float      $roots       share of its food that it takes by the roots, 0 to 1
     * @param bool       $bicarbonate whether it uses bicarbonate where carbon dioxide is short
     * @param bool       $tender      whether peroxide and liquid carbon harm it at doses that others tolerate; mosses always
     * @param float|null $ceiling     mm, where it is not that of its form
     * @param float|null $rate        mm a week where it is fastest, where it is not that of form and pace
     */
    public function __construct(
        public string $key,
        public GrowthForm $form,
        public GrowthPace $pace,
        public LightDemand $demand,
        public float $roots,
        public bool $bicarbonate = false,
        public ?float $ceiling = null,
        public ?float $rate = null,
        private bool $tender = false,
        string $name = '',
    ) {
        $this->name = $name === '' ? ucfirst(str_replace('_', ' ', $key)) : $name;
    }

    /** Whether peroxide and liquid carbon harm it at doses that other plants tolerate. House default. */
    public function isTender(): bool
    {
        return $this->tender || $this->form === GrowthForm::Moss;
    }

    public function isCarpetOfMuchLight(): bool
    {
        return $this->form === GrowthForm::Carpet && $this->demand === LightDemand::Much;
    }

    public function usualRate(): float
    {
        return $this->rate ?? $this->form->rate($this->pace);
    }
}
