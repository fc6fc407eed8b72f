<?php

declare(strict_types=1);

namespace Cresco\Core\Mixing;

use Cresco\Core\Checklist\Caution;

/**
 * The catalogue of salts. Molar masses from the IUPAC 2021 atomic weights; solubilities rounded down from common tables
 * at 20 degC. Adding a salt is one entry here.
 */
final class Salts
{
    /** @var array<string, Salt>|null */
    private static ?array $all = null;

    /** @return array<string, Salt> by key */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach (self::entries() as $salt) {
                self::$all[$salt->key] = $salt;
            }
        }

        return self::$all;
    }

    public static function find(string $key): ?Salt
    {
        return self::all()[$key] ?? null;
    }

    /** @throws MixingFault when the catalogue has no such salt */
    public static function get(string $key): Salt
    {
        return self::all()[$key] ?? throw MixingFault::unknownSalt($key);
    }

    /** @return list<Salt> */
    private static function entries(): array
    {
        return [
            new Salt('gypsum', 'CaSO₄·2H₂O', 172.171, ['Ca' => 1, 'SO4' => 1], 2.0, 1, 60, [Caution::Dust]),
            new Salt('calcium_chloride', 'CaCl₂·2H₂O', 147.014, ['Ca' => 1, 'Cl' => 2], 700.0, 3, 3, [Caution::WarmSalt]),
            new Salt('calcium_chloride_dry', 'CaCl₂', 110.984, ['Ca' => 1, 'Cl' => 2], 700.0, 3, 3, [Caution::HotSalt]),
            new Salt('epsom', 'MgSO₄·7H₂O', 246.474, ['Mg' => 1, 'SO4' => 1], 700.0, 2, 3),
            new Salt('magnesium_chloride', 'MgCl₂·6H₂O', 203.301, ['Mg' => 1, 'Cl' => 2], 1500.0, 2, 3),
            new Salt('soda', 'NaHCO₃', 84.007, ['Na' => 1, 'HCO3' => 1], 90.0, 8, 5),
            new Salt('potassium_bicarbonate', 'KHCO₃', 100.115, ['K' => 1, 'HCO3' => 1], 330.0, 8, 5),
            new Salt('potassium_carbonate', 'K₂CO₃', 138.205, ['K' => 2, 'HCO3' => 2], 1100.0, 9, 5, [Caution::Caustic]),
            new Salt('lime', 'CaCO₃', 100.087, ['Ca' => 1, 'HCO3' => 2], 0.05, 9, 0, [], false, false),
            new Salt('potassium_sulfate', 'K₂SO₄', 174.259, ['K' => 2, 'SO4' => 1], 110.0, 4, 5),
            new Salt('potassium_chloride', 'KCl', 74.551, ['K' => 1, 'Cl' => 1], 330.0, 4, 3),
            new Salt('table_salt', 'NaCl', 58.443, ['Na' => 1, 'Cl' => 1], 350.0, 4, 3),
            new Salt('saltpetre', 'KNO₃', 101.102, ['K' => 1, 'NO3' => 1], 300.0, 5, 3, [Caution::Oxidiser], true),
            new Salt('potassium_phosphate', 'KH₂PO₄', 136.084, ['K' => 1, 'H2PO4' => 1], 220.0, 6, 3, [], true),
            new Salt('calcium_nitrate', 'Ca(NO₃)₂·4H₂O', 236.149, ['Ca' => 1, 'NO3' => 2], 1200.0, 3, 3, [Caution::Oxidiser], true),
            new Salt('magnesium_nitrate', 'Mg(NO₃)₂·6H₂O', 256.406, ['Mg' => 1, 'NO3' => 2], 1200.0, 2, 3, [Caution::Oxidiser], true),
        ];
    }
}
