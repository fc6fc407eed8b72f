<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Text;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\Conductance;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/** The forward model: sources by share and products by amount, and the water they make. */
final readonly class Mixture
{
    /**
     * @param list<BatchSource> $sources
     * @param list<float>       $shares   of each source, together 1
     * @param list<Ingredient>  $products
     * @param list<float>       $amounts  g or mL of each product in one litre
     */
    private function __construct(
        public array $sources,
        public array $shares,
        public array $products,
        public array $amounts,
        public Ions $ions,
        public Conductance $conductance,
        public float $conductivity,
    ) {}

    /**
     * @param list<BatchSource> $sources
     * @param list<float>       $shares
     * @param list<Ingredient>  $products
     * @param list<float>       $amounts
     */
    public static function of(array $sources, array $shares, array $products, array $amounts): self
    {
        $all = $conducting = Ions::none();
        $surplus = $labelled = 0.0;
        foreach ($sources as $i => $source) {
            $all = $all->plus($source->ions, $shares[$i]);
            $conducting = $conducting->plus($source->ions, $shares[$i]);
            $surplus += $shares[$i] * $source->surplus;
        }
        foreach ($products as $j => $product) {
            if ($amounts[$j] > 0.0) {
                $all = $all->plus($product->perUnit, $amounts[$j]);
                $conducting = $conducting->plus($product->conducting(), $amounts[$j]);
                $labelled += $amounts[$j] * ($product->labelled ?? 0.0);
            }
        }
        $conductance = Conductance::of($conducting, Carbonate::STRENGTH_PER_MICROSIEMENS * $labelled);

        return new self($sources, $shares, $products, $amounts, $all, $conductance, max(0.0, $conductance->microsiemens + $surplus + $labelled));
    }

    /** By how much its conductivity is in doubt because labels do not name theirs, a standard deviation, uS/cm. */
    public function doubt(): float
    {
        $squares = 0.0;
        foreach ($this->products as $j => $product) {
            $squares += ($this->amounts[$j] * ($product->labelled ?? 0.0) * $product->doubt) ** 2;
        }

        return sqrt($squares);
    }

    /** Whether it is known what it comes to: conductivity always, the others only where no label in it is silent about them. */
    public function isKnown(RecipeAim $aim): bool
    {
        $silent = array_filter(
            $this->products,
            fn(Ingredient $product, int $j): bool => $this->amounts[$j] > 1e-9 && !$product->isHardnessKnown(),
            ARRAY_FILTER_USE_BOTH,
        );

        return $aim === RecipeAim::Conductivity || $silent === [];
    }

    /**
     * By how much a figure of the batch may be off because of scale or spoon, a standard deviation in the unit of the aim; 0 of the ratio.
     *
     * @param list<float> $amountSpreads standard deviation of each amount for the whole batch, g or mL
     * @param float       $litres        of the batch, above 0
     *
     * @throws MixingFault when there are no litres
     */
    public function spread(RecipeAim $aim, array $amountSpreads, float $litres): float
    {
        if (!($litres > 0.0)) {
            throw MixingFault::nothingToDo();
        }
        $squares = 0.0;
        foreach ($this->products as $j => $product) {
            $each = $this->amounts[$j] <= 1e-9 ? 0.0 : match ($aim) {
                RecipeAim::Hardness => $product->perUnit->hardness(),
                RecipeAim::Alkalinity => $product->perUnit->alkalinity(),
                RecipeAim::Ratio => 0.0,
                RecipeAim::Conductivity => $product->labelled ?? $this->conductance->partOf($product->conducting()),
            };
            $squares += ($each * ($amountSpreads[$j] ?? 0.0) / $litres) ** 2;
        }

        return sqrt($squares);
    }

    public function value(RecipeAim $aim): ?float
    {
        return match ($aim) {
            RecipeAim::Hardness => $this->ions->hardness(),
            RecipeAim::Alkalinity => $this->ions->alkalinity(),
            RecipeAim::Ratio => $this->ions->calciumToMagnesium(),
            RecipeAim::Conductivity => $this->conductivity,
        };
    }

    /**
     * Ions that a labelled product may have brought without saying how much.
     *
     * @return list<Ion>
     */
    public function unknown(): array
    {
        $unknown = [];
        foreach ($this->products as $j => $product) {
            $unknown = $this->amounts[$j] > 0.0 ? [...$unknown, ...$product->unknown()] : $unknown;
        }

        return array_values(array_unique($unknown, SORT_REGULAR));
    }

    /**
     * How one of the figures follows from waters and products; with the spread of the scale or spoon and of the sources.
     *
     * @param list<float> $amountSpreads standard deviation of each amount, same unit
     */
    public function working(RecipeAim $aim, float $litres, array $amountSpreads = []): Computation
    {
        $computation = Computation::of($aim === RecipeAim::Ratio ? 'mixture.title_calcium_to_magnesium' : Text::of('mixture.of_batch', what: $aim))
            ->given('V', 'mixture.litres_made', $litres, 'L');
        if ($aim === RecipeAim::Ratio) {
            return $this->ratioWorking($computation);
        }
        $terms = [];
        $unit = $aim === RecipeAim::Conductivity ? 'µS/cm' : '°';
        $per = match ($aim) {
            RecipeAim::Hardness => Hardness::MILLIMOLE_PER_DEGREE,
            RecipeAim::Alkalinity => Alkalinity::MILLIEQUIVALENT_PER_DEGREE,
            default => 1.0,
        };
        foreach ($this->sources as $i => $source) {
            if ($this->shares[$i] <= 1e-9) {
                continue;
            }
            $value = match ($aim) {
                RecipeAim::Hardness => $source->ions->hardness(),
                RecipeAim::Alkalinity => $source->ions->alkalinity(),
                default => $this->conductance->partOf($source->ions) + $source->surplus,
            } / $per;
            $n = $i + 1;
            $computation->given("v$n", Text::of('mixture.litres_of_source', source: $source->name), $this->shares[$i] * $litres, 'L')
                ->given(
                    "s$n",
                    Text::of($aim === RecipeAim::Conductivity ? 'mixture.conductivity_of_source_here' : 'mixture.of_source', what: $aim, source: $source->name),
                    $value <= 0.0 ? 0.0 : new NormalValue($value, 0.03 * $value),
                    $unit,
                );
            $terms[] = "v$n * s$n / V";
        }
        foreach ($this->products as $j => $product) {
            if ($this->amounts[$j] <= 1e-9) {
                continue;
            }
            $value = match ($aim) {
                RecipeAim::Hardness => $product->perUnit->hardness(),
                RecipeAim::Alkalinity => $product->perUnit->alkalinity(),
                default => $product->labelled ?? $this->conductance->partOf($product->conducting()),
            } / $per;
            if ($value <= 1e-9) {
                continue;
            }
            $n = $j + 1;
            $spread = $amountSpreads[$j] ?? 0.0;
            $amount = $this->amounts[$j] * $litres;
            $computation->given(
                "m$n",
                Text::of('mixture.product', name: $product->name),
                $spread > 0.0 ? new NormalValue($amount, $spread) : $amount,
                $product->unit,
            )
                ->constant("k$n", Text::of('mixture.of_1_unit_in_1_l', what: $aim, unit: $product->unit), $value, $unit, match (true) {
                    $product->labelled !== null => 'its_label',
                    $aim === RecipeAim::Conductivity => 'ion_conductivities_in_this_water_appelo',
                    default => 'formula_molar_mass',
                });
            $terms[] = "m$n / V * k$n";
        }

        return $computation->line($aim->value.' = '.($terms === [] ? '0 * V' : implode(' + ', $terms)), Text::of('mixture.of_batch', what: $aim), $unit)
            ->note($aim === RecipeAim::Conductivity ? 'mixture.what_each_part_brings_depends_little' : 'mixture.what_dissolved_mixes_by_volume_salts');
    }

    /** How much of one ion waters and products bring together, mg/L. */
    public function ionWorking(Ion $ion, float $litres): Computation
    {
        $computation = Computation::of(Text::of('mixture.title', what: $ion))
            ->given('V', 'mixture.litres_made', $litres, 'L')
            ->constant('M', Text::of('mixture.molar_mass_of_what', what: $ion), $ion->molarMass(), 'g/mol', 'iupac_2021');
        $terms = [];
        foreach ($this->sources as $i => $source) {
            if ($this->shares[$i] > 1e-9 && $source->ions->of($ion) > 0.0) {
                $n = $i + 1;
                $computation->given("v$n", Text::of('mixture.litres_of_source', source: $source->name), $this->shares[$i] * $litres, 'L')
                    ->given("c$n", Text::of('mixture.in_source', what: $ion, source: $source->name), $source->ions->of($ion), 'mmol/L');
                $terms[] = "v$n * c$n";
            }
        }
        foreach ($this->products as $j => $product) {
            if ($this->amounts[$j] > 1e-9 && $product->perUnit->of($ion) > 0.0) {
                $n = $j + 1;
                $computation->given("m$n", Text::of('mixture.product', name: $product->name), $this->amounts[$j] * $litres, $product->unit)
                    ->constant(
                        "k$n",
                        Text::of('mixture.in_1_unit', what: $ion, unit: $product->unit),
                        $product->perUnit->of($ion),
                        'mmol',
                        $product->labelled === null ? 'formula_molar_mass' : 'its_label',
                    );
                $terms[] = "m$n * k$n";
            }
        }

        return $computation->line('c = ('.($terms === [] ? '0 * V' : implode(' + ', $terms)).') * M / V', Text::of('mixture.ion', what: $ion), 'mg/L');
    }

    private function ratioWorking(Computation $computation): Computation
    {
        return $computation
            ->given('Ca', 'mixture.calcium', $this->ions->of(Ion::Calcium), 'mmol/L')
            ->given('Mg', 'mixture.magnesium', $this->ions->of(Ion::Magnesium), 'mmol/L')
            ->constant('M_Ca', 'mixture.molar_mass_of_calcium', Ion::Calcium->molarMass(), 'g/mol', 'iupac_2021')
            ->constant('M_Mg', 'mixture.molar_mass_of_magnesium', Ion::Magnesium->molarMass(), 'g/mol', 'iupac_2021')
            ->line('ratio = Ca * M_Ca / max(Mg * M_Mg, 0.0001)', 'mixture.calcium_to_magnesium_by_mass', ': 1');
    }
}
