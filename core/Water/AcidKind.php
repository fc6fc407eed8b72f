<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Unit;

/** Strong acids that take alkalinity away for good. Organic ones are left out: bacteria eat them, and the alkalinity comes back. */
enum AcidKind: string
{
    case Hydrochloric = 'hydrochloric';
    case Sulfuric = 'sulfuric';
    case Phosphoric = 'phosphoric';

    /** g/mol, from the IUPAC 2021 atomic weights. */
    public function molarMass(): float
    {
        return match ($this) {
            self::Hydrochloric => 36.458,
            self::Sulfuric => 98.072,
            self::Phosphoric => 97.994,
        };
    }

    /** mol of hydrogen ions that one mol gives off in tank water; the second of phosphoric acid is held back by half and more, and is left out. */
    public function protons(): int
    {
        return $this === self::Sulfuric ? 2 : 1;
    }

    /** What is left of it in the water. */
    public function leaves(): Ion
    {
        return match ($this) {
            self::Hydrochloric => Ion::Chloride,
            self::Sulfuric => Ion::Sulfate,
            self::Phosphoric => Ion::Phosphate,
        };
    }

    /** Percent by weight that such acids are sold at most. */
    public function most(): float
    {
        return match ($this) {
            self::Hydrochloric => 37.0,
            self::Sulfuric => 40.0,
            self::Phosphoric => 85.0,
        };
    }

    /** kg/L at 20 degC of so many percent by weight; a curve through the common tables (CRC Handbook), within 0.5 %. */
    public function density(float $percent): float
    {
        return match ($this) {
            self::Hydrochloric => 1.0 + 0.00492 * $percent,
            self::Sulfuric => 1.0 + 0.0064 * $percent + 0.00003 * $percent ** 2,
            self::Phosphoric => 1.0 + 0.0051 * $percent + 0.000035 * $percent ** 2,
        };
    }

    /**
     * Hydrogen ions in a millilitre, meq.
     *
     * @param float $percent by weight, above 0 to most()
     *
     * @throws WaterFault when there is no such solution
     */
    public function strength(float $percent): float
    {
        if (!($percent > 0.0 && $percent <= $this->most())) {
            throw WaterFault::acid($this->most());
        }

        return 10.0 * $percent * $this->density($percent) * $this->protons() / $this->molarMass();
    }

    /**
     * What of it takes a water from one alkalinity to another, or what a given amount takes.
     *
     * @param float      $percent by weight
     * @param float      $litres  of the water, above 0
     * @param float      $from    meq/L in the water
     * @param float|null $to      meq/L that it shall have; null where the amount is given
     * @param float      $given   mL, 0 and more; counts only without an aim
     * @param Unit       $unit    that alkalinity is shown in
     *
     * @throws WaterFault when there is no such solution, or the litres are none
     */
    public function dose(float $percent, float $litres, float $from, ?float $to, float $given, Unit $unit): Computation
    {
        $strength = $this->strength($percent);
        if (!($litres > 0.0 && $given >= 0.0 && max($litres, $given, abs($from), abs($to ?? 0.0)) < INF)) {
            throw WaterFault::reading();
        }
        $dose = Computation::of('acid_kind.title')
            ->given('p', 'acid_kind.strength_by_weight', $percent, '%')
            ->constant('rho', 'acid_kind.density_of_solution', $this->density($percent), 'kg/L', 'curve_through_common_tables')
            ->constant('M', 'acid_kind.molar_mass', $this->molarMass(), 'g/mol', 'iupac_2021')
            ->constant('z', 'acid_kind.hydrogen_ions_of_each', (float) $this->protons(), '', 'of_its_formula')
            ->given('L', 'acid_kind.litres_of_water', $litres, 'L')
            ->line('n = 10 * p * rho * z / M', 'acid_kind.acid_in_millilitre', 'meq/mL');
        if ($to === null) {
            $dose->given('v', 'acid_kind.acid_given', $given, 'mL');
        } else {
            $dose->given('KH', 'acid_kind.kh_of_water', $unit->fromBase($from), $unit->label)
                ->given('goal', 'acid_kind.kh_it_shall_have', $unit->fromBase($to), $unit->label)
                ->line(sprintf('v = max(KH - goal, 0) * %.6f * L / n', $unit->widthToBase(1.0)), 'acid_kind.acid_to_give', 'mL');
        }

        return $dose->line('acid = n * v / L', 'acid_kind.acid_for_each_litre_of_water', 'meq/L');
    }
}
