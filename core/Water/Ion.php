<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

/** What is dissolved in fresh water in amounts that matter to hardness and conductivity. */
enum Ion: string
{
    case Calcium = 'Ca';
    case Magnesium = 'Mg';
    case Sodium = 'Na';
    case Potassium = 'K';
    case Ammonium = 'NH4';
    case Bicarbonate = 'HCO3';
    case Chloride = 'Cl';
    case Sulfate = 'SO4';
    case Nitrate = 'NO3';
    case Phosphate = 'H2PO4';

    /** Charges of one ion, negative for anions. */
    public function charge(): int
    {
        return match ($this) {
            self::Calcium, self::Magnesium => 2,
            self::Sodium, self::Potassium, self::Ammonium => 1,
            self::Sulfate => -2,
            self::Bicarbonate, self::Chloride, self::Nitrate, self::Phosphate => -1,
        };
    }

    /** g/mol, from the IUPAC 2021 atomic weights. */
    public function molarMass(): float
    {
        return match ($this) {
            self::Calcium => 40.078,
            self::Magnesium => 24.305,
            self::Sodium => 22.990,
            self::Potassium => 39.098,
            self::Ammonium => 18.039,
            self::Bicarbonate => 61.016,
            self::Chloride => 35.45,
            self::Sulfate => 96.06,
            self::Nitrate => 62.004,
            self::Phosphate => 96.986,
        };
    }

    /** Limiting molar conductivity at 25 degC, S cm2/mol (CRC Handbook of Chemistry and Physics). */
    public function limitingConductivity(): float
    {
        return match ($this) {
            self::Calcium => 118.94,
            self::Magnesium => 106.0,
            self::Sodium => 50.08,
            self::Potassium => 73.48,
            self::Ammonium => 73.5,
            self::Bicarbonate => 44.5,
            self::Chloride => 76.31,
            self::Sulfate => 160.0,
            self::Nitrate => 71.42,
            self::Phosphate => 36.0,
        };
    }

    public function isCation(): bool
    {
        return $this->charge() > 0;
    }
}
