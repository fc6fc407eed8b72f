<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Hardness;
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

    /**
     * @param float      $dose         grams or millilitres, above 0
     * @param float      $litres       of water they go into, above 0
     * @param float      $gh           raise of GH, degrees
     * @param float      $kh           raise of KH, degrees
     * @param float      $microsiemens raise of conductivity, uS/cm at 25 degC
     * @param float|null $ratio        calcium to magnesium by mass, when the label names it
     */
    public function __construct(
        public float $dose,
        public float $litres,
        public float $gh,
        public float $kh,
        public float $microsiemens,
        public ?float $ratio = null,
    ) {
        if ($dose <= 0.0 || $litres <= 0.0) {
            throw RecipeFault::trial('A label needs a dose and the litres it is for.');
        }
        if ($gh < 0.0 || $kh < 0.0 || $microsiemens < 0.0 || ($gh === 0.0 && $kh === 0.0 && $microsiemens === 0.0)) {
            throw RecipeFault::trial('A label raises GH, KH or conductivity by something, and none of them by less than nothing.');
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

    /** uS/cm that one gram or millilitre brings to one litre. */
    public function microsiemensPerUnit(): float
    {
        return $this->microsiemens * $this->litres / $this->dose;
    }

    /**
     * Why the label cannot be true, or null: hardness and alkalinity bring at least the conductivity of their own ions
     * and the lightest company these can have. From the limiting conductivities, less a tenth for the ions' drag.
     */
    public function contradiction(): ?string
    {
        $hardness = 2.0 * Hardness::fromDegrees($this->gh)->millimolePerLitre;
        $alkalinity = Alkalinity::fromDegrees($this->kh)->milliequivalentPerLitre;
        // meq of calcium or magnesium with bicarbonate as far as it goes, then with the slowest other anion; what is left
        // of the bicarbonate with sodium.
        $company = max(0.0, $hardness - $alkalinity);
        $least = 0.9 * ($hardness * 53.0 + $alkalinity * 44.5 + $company * 60.0 + max(0.0, $alkalinity - $hardness) * 50.1);
        if ($this->microsiemens < (1.0 - self::SLACK) * $least) {
            return sprintf('This raise of GH and KH brings at least %.0f µS/cm; the label says %.0f. One of the three is wrong, or the pen reading is TDS.', $least, $this->microsiemens);
        }

        return null;
    }
}
