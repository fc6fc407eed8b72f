<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\Hardness;
use Cresco\Core\Text;
use Cresco\Core\Water\Ion;
use Cresco\Core\Water\Ions;

/**
 * What a label or a trial says of a product: so much in so much water raises GH, KH and conductivity by so much. Which
 * salts are in it stays unknown.
 */
final readonly class Label
{
    /** Share of a raise of conductivity that a label may be off before it contradicts itself. House default. */
    private const SLACK = 0.25;

    /** S cm2/mol of charge: sulfate as it is half paired, and sodium. */
    private const SLOWEST = [60.0, 50.1, Ion::Magnesium];

    /** Chloride, and potassium. */
    private const FASTEST = [76.3, 73.5, Ion::Calcium];

    /** What the drag of other ions leaves of it: in a stronger water and in a weaker one. House defaults. */
    private const DRAG = [0.82, 0.95];

    /**
     * @param float      $dose         grams or millilitres, above 0
     * @param float      $litres       of water they go into, above 0
     * @param float      $gh           raise of GH, degrees
     * @param float      $kh           raise of KH, degrees
     * @param float|null $microsiemens raise of conductivity, uS/cm at 25 degC; null when the label does not name it
     * @param float|null $ratio        calcium to magnesium by mass, when the label names it
     */
    public function __construct(
        public float $dose,
        public float $litres,
        public float $gh,
        public float $kh,
        public ?float $microsiemens,
        public ?float $ratio = null,
    ) {
        if (!($dose > 0.0 && $litres > 0.0 && max($dose, $litres) < INF)) {
            throw MixingFault::trial('recipe.label_dose');
        }
        if ($ratio !== null && !($ratio > 0.0 && $ratio < INF)) {
            throw MixingFault::ratio();
        }
        $rise = $microsiemens ?? 0.0;
        if (!(min($gh, $kh, $rise) >= 0.0 && max($gh, $kh, $rise) < INF) || max($gh, $kh, $rise) === 0.0) {
            throw MixingFault::trial('recipe.label_raises');
        }
    }

    /**
     * What is known of the ions of one gram or millilitre, mmol: calcium and magnesium from GH, split as the label says or
     * else 3 to 1 by mass (house default), bicarbonate from KH.
     */
    public function ionsPerUnit(): Ions
    {
        $per = $this->litres / $this->dose;
        $hardness = Hardness::fromDegrees($this->gh)->millimolePerLitre * $per;
        $ratio = $this->ratio ?? 3.0;
        $calcium = $ratio / Ion::Calcium->molarMass() / ($ratio / Ion::Calcium->molarMass() + 1.0 / Ion::Magnesium->molarMass());

        return Ions::millimoles([
            Ion::Calcium->value => $hardness * $calcium,
            Ion::Magnesium->value => $hardness * (1.0 - $calcium),
            Ion::Bicarbonate->value => Alkalinity::fromDegrees($this->kh)->milliequivalentPerLitre * $per,
        ]);
    }

    /** uS/cm that one gram or millilitre brings to one litre; worked out from what is known of its ions when the label does not say. */
    public function microsiemensPerUnit(): float
    {
        return $this->rise()->central() * $this->litres / $this->dose;
    }

    /** Standard deviation of that, as a share of it. */
    public function doubt(): float
    {
        return $this->rise()->central() <= 0.0 ? 0.0 : $this->rise()->spread() / $this->rise()->central();
    }

    /**
     * By how much the label's dose lets the meter rise, uS/cm: as the label says, or else anything between the slowest and the fastest
     * company that calcium, magnesium and bicarbonate may have come with.
     */
    public function rise(): Distribution
    {
        return $this->microsiemens === null
            ? Density::flat(self::DRAG[0] * $this->conducts(self::SLOWEST), self::DRAG[1] * $this->conducts(self::FASTEST))
            : new ExactValue($this->microsiemens);
    }

    /**
     * uS/cm without drag.
     *
     * @param array{float, float, Ion} $company S cm2/mol of charge: anion beyond the bicarbonate, cation beyond the hardness; what the hardness is
     */
    private function conducts(array $company): float
    {
        $hardness = 2.0 * Hardness::fromDegrees($this->gh)->millimolePerLitre;
        $alkalinity = Alkalinity::fromDegrees($this->kh)->milliequivalentPerLitre;

        return $hardness * ($company[2]->limitingConductivity() / 2.0) + $alkalinity * Ion::Bicarbonate->limitingConductivity()
            + max(0.0, $hardness - $alkalinity) * $company[0] + max(0.0, $alkalinity - $hardness) * $company[1];
    }

    /**
     * Why the label cannot be true, or null: hardness and alkalinity bring at least the conductivity of their own ions
     * and the lightest company these can have. From the limiting conductivities, less a tenth for the ions' drag.
     */
    public function contradiction(): ?Text
    {
        // meq of calcium or magnesium with bicarbonate as far as it goes, then with the slowest other anion; what is left
        // of the bicarbonate with sodium.
        $least = 0.9 * $this->conducts(self::SLOWEST);
        if ($this->microsiemens !== null && $this->microsiemens < (1.0 - self::SLACK) * $least) {
            return Text::of('known.contradiction', least: round($least), said: round($this->microsiemens));
        }

        return null;
    }
}
