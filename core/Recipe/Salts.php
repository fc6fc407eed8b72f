<?php

declare(strict_types=1);

namespace Cresco\Core\Recipe;

use Cresco\Core\Work\Caution;

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

    /** @throws RecipeFault when the catalogue has no such salt */
    public static function get(string $key): Salt
    {
        return self::all()[$key] ?? throw RecipeFault::unknownSalt($key);
    }

    /** @return list<Salt> */
    private static function entries(): array
    {
        return [
            new Salt('gypsum', 'Gypsum', 'CaSO₄·2H₂O', 172.171, ['Ca' => 1, 'SO4' => 1], 2.0, 1, 60, 'Dissolves slowly, barely more than 2 g in a litre: add it first, stir long.', [Caution::Dust]),
            new Salt('calcium_chloride', 'Calcium chloride dihydrate', 'CaCl₂·2H₂O', 147.014, ['Ca' => 1, 'Cl' => 2], 700.0, 3, 3, 'Takes up moisture: weigh fast and close the container.', [Caution::WarmSalt]),
            new Salt('calcium_chloride_dry', 'Calcium chloride, anhydrous', 'CaCl₂', 110.984, ['Ca' => 1, 'Cl' => 2], 700.0, 3, 3, 'Gets hot as it dissolves; takes up moisture.', [Caution::HotSalt]),
            new Salt('epsom', 'Epsom salt', 'MgSO₄·7H₂O', 246.474, ['Mg' => 1, 'SO4' => 1], 700.0, 2, 3, 'Dissolves easily.'),
            new Salt('magnesium_chloride', 'Magnesium chloride', 'MgCl₂·6H₂O', 203.301, ['Mg' => 1, 'Cl' => 2], 1500.0, 2, 3, 'Takes up moisture: weigh fast and close the container.'),
            new Salt('soda', 'Sodium bicarbonate (baking soda)', 'NaHCO₃', 84.007, ['Na' => 1, 'HCO3' => 1], 90.0, 8, 5, 'Last, apart from calcium in strong solution.'),
            new Salt('potassium_bicarbonate', 'Potassium bicarbonate', 'KHCO₃', 100.115, ['K' => 1, 'HCO3' => 1], 330.0, 8, 5, 'Last, apart from calcium in strong solution.'),
            new Salt('potassium_carbonate', 'Potassium carbonate', 'K₂CO₃', 138.205, ['K' => 2, 'HCO3' => 2], 1100.0, 9, 5, 'Strongly alkaline: pH jumps until it has taken up CO₂.', [Caution::Caustic]),
            new Salt('lime', 'Calcium carbonate', 'CaCO₃', 100.087, ['Ca' => 1, 'HCO3' => 2], 0.05, 9, 0, 'Rock, coral sand and shells: they dissolve only as CO₂ allows, never as a weighed dose.', [], false, false),
            new Salt('potassium_sulfate', 'Potassium sulfate', 'K₂SO₄', 174.259, ['K' => 2, 'SO4' => 1], 110.0, 4, 5, 'Dissolves slowly in the cold.'),
            new Salt('potassium_chloride', 'Potassium chloride', 'KCl', 74.551, ['K' => 1, 'Cl' => 1], 330.0, 4, 3, 'Dissolves easily.'),
            new Salt('table_salt', 'Sodium chloride', 'NaCl', 58.443, ['Na' => 1, 'Cl' => 1], 350.0, 4, 3, 'Without iodine or anti-caking agents. Bad for plants.'),
            new Salt('saltpetre', 'Potassium nitrate', 'KNO₃', 101.102, ['K' => 1, 'NO3' => 1], 300.0, 5, 3, 'A fertiliser: counts as nitrate.', [Caution::Oxidiser], true),
            new Salt('potassium_phosphate', 'Potassium dihydrogen phosphate', 'KH₂PO₄', 136.084, ['K' => 1, 'H2PO4' => 1], 220.0, 6, 3, 'A fertiliser; apart from calcium and iron in strong solution.', [], true),
            new Salt('calcium_nitrate', 'Calcium nitrate tetrahydrate', 'Ca(NO₃)₂·4H₂O', 236.149, ['Ca' => 1, 'NO3' => 2], 1200.0, 3, 3, 'A fertiliser: counts as nitrate; apart from sulfates in strong solution.', [Caution::Oxidiser], true),
            new Salt('magnesium_nitrate', 'Magnesium nitrate hexahydrate', 'Mg(NO₃)₂·6H₂O', 256.406, ['Mg' => 1, 'NO3' => 2], 1200.0, 2, 3, 'A fertiliser: counts as nitrate.', [Caution::Oxidiser], true),
        ];
    }
}
