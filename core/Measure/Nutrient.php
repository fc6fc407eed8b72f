<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/** How plants are fed with it. */
final readonly class Nutrient
{
    /** Nitrogen in the dry mass of plants. House default, like the others. */
    public const NITROGEN = 0.025;

    /** Phosphorus in the dry mass of plants. */
    public const PHOSPHORUS = 0.003;

    /** Potassium in the dry mass of plants. */
    public const POTASSIUM = 0.03;

    /** Iron in the dry mass of plants. */
    public const IRON = 0.0002;

    /** Magnesium in the dry mass of plants. */
    public const MAGNESIUM = 0.003;

    /** Calcium in the dry mass of plants. */
    public const CALCIUM = 0.01;

    /**
     * @param string|null $ion        symbol of the ion that salts bring it as; null for what no salt of the catalogue brings
     * @param float       $inPlants   share of the dry mass of plants, as it is counted
     * @param float       $molarMass  as it is counted, g/mol, from the IUPAC 2021 atomic weights
     * @param string      $declared   formula that labels of fertilisers declare it as
     * @param float       $ofDeclared as it is counted, for each gram that is declared so, from the IUPAC 2021 atomic weights
     */
    public function __construct(
        public ?string $ion,
        public float $molarMass,
        public float $inPlants,
        public string $declared = '',
        public float $ofDeclared = 1.0,
    ) {}
}
