<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Text;

/**
 * Conductivity of a water from its ions, 25 degC, uS/cm.
 *
 * Ions of calcium and magnesium pair with sulfate and bicarbonate; what is left free carries current, less so the more
 * ions there are: kappa = sum of lambda c gamma^a with a = 0.6 / sqrt|z| up to an ionic strength of 0.36 |z|, else
 * sqrt(I) / |z| (Appelo, 2010, Geochim. Cosmochim. Acta 74, suppl. 1, A33; limiting conductivities of the CRC Handbook;
 * activity by the Davies equation). Within 1.2 % of published figures up to 0.01 eq/L, about 5 % for magnesium sulfate.
 */
final readonly class Conductance
{
    /** Constant of the Davies equation at 25 degC. Common table value. */
    private const DAVIES = 0.509;

    /** mol/L: five times sea water, far beyond where the model holds. House limit. */
    private const STRONGEST = 3.5;

    /** log K of the pairs at 25 degC: CaSO4, MgSO4, CaHCO3+, MgHCO3+. */
    private const PAIRS = [2.30, 2.37, 1.11, 1.07];

    /** Limiting conductivity of the pair CaHCO3+, S cm2/mol. Estimated. */
    private const CALCIUM_BICARBONATE = 19.0;

    /** Limiting conductivity of the pair MgHCO3+, S cm2/mol. Estimated. */
    private const MAGNESIUM_BICARBONATE = 18.0;

    /**
     * @param float                $strength ionic strength, mol/L
     * @param array<string, float> $free     mmol/L that is not paired, by ion
     * @param array<string, float> $each     uS/cm that one mmol/L of each ion brings in this water
     */
    private function __construct(
        public float $microsiemens,
        public float $strength,
        private array $free,
        private array $each,
    ) {}

    /**
     * @param float $otherStrength ionic strength from salts whose ions are not known, mol/L
     *
     * @throws WaterFault when it is stronger than any brine
     */
    public static function of(Ions $ions, float $otherStrength = 0.0): self
    {
        $total = [];
        $strength = $otherStrength;
        foreach (Ion::cases() as $ion) {
            $total[$ion->value] = $amount = $ions->of($ion) / 1000.0;
            $strength += 0.5 * $ion->charge() ** 2 * $amount;
        }
        if (!($strength <= self::STRONGEST)) {
            throw WaterFault::tooStrong();
        }
        $full = $strength;
        [$ca, $mg, $so4, $hco3] = [$total['Ca'], $total['Mg'], $total['SO4'], $total['HCO3']];
        $k = [0.0, 0.0, 0.0, 0.0];
        for ($i = 0; $i < 60; ++$i) {
            $log = self::logActivity($strength);
            $neutral = 10.0 ** (8.0 * $log);
            $charged = 10.0 ** (4.0 * $log);
            $k = [10.0 ** self::PAIRS[0] * $neutral, 10.0 ** self::PAIRS[1] * $neutral, 10.0 ** self::PAIRS[2] * $charged, 10.0 ** self::PAIRS[3] * $charged];
            $before = $so4 + $ca + $mg;
            $so4 = $total['SO4'] / (1.0 + $k[0] * $ca + $k[1] * $mg);
            $hco3 = $total['HCO3'] / (1.0 + $k[2] * $ca + $k[3] * $mg);
            $ca = $total['Ca'] / (1.0 + $k[0] * $so4 + $k[2] * $hco3);
            $mg = $total['Mg'] / (1.0 + $k[1] * $so4 + $k[3] * $hco3);
            // A sulfate pair takes two ions of two charges out; a bicarbonate pair turns charges of 2 and 1 into one of 1.
            $strength = $full - 4.0 * $so4 * ($k[0] * $ca + $k[1] * $mg) - 2.0 * $hco3 * ($k[2] * $ca + $k[3] * $mg);
            if (abs($so4 + $ca + $mg - $before) <= 1e-7 * $before) {
                break;
            }
        }
        $log = self::logActivity($strength);
        $shares = [
            'Ca' => 1.0 / (1.0 + $k[0] * $so4 + $k[2] * $hco3),
            'Mg' => 1.0 / (1.0 + $k[1] * $so4 + $k[3] * $hco3),
            'SO4' => 1.0 / (1.0 + $k[0] * $ca + $k[1] * $mg),
            'HCO3' => 1.0 / (1.0 + $k[2] * $ca + $k[3] * $mg),
        ];
        $one = 10.0 ** ($log * self::exponent(1, $strength));
        $two = 10.0 ** (4.0 * $log * self::exponent(2, $strength));
        $free = $each = [];
        $microsiemens = 0.0;
        foreach (Ion::cases() as $ion) {
            $share = $shares[$ion->value] ?? 1.0;
            $each[$ion->value] = $share * $ion->limitingConductivity() * (abs($ion->charge()) === 2 ? $two : $one);
            $free[$ion->value] = 1000.0 * $share * $total[$ion->value];
        }
        $pairs = $one * $shares['HCO3'] * (self::CALCIUM_BICARBONATE * $k[2] * $ca + self::MAGNESIUM_BICARBONATE * $k[3] * $mg);
        $each['HCO3'] += $pairs;
        foreach ($each as $name => $conductivity) {
            $microsiemens += 1000.0 * $conductivity * $total[$name];
        }

        return new self($microsiemens, $strength, $free, $each);
    }

    /** uS/cm that one mmol/L of this ion brings in this water; the sum over all ions is the conductivity. */
    public function each(Ion $ion): float
    {
        return $this->each[$ion->value];
    }

    /** uS/cm that these ions bring when they are part of this water. */
    public function partOf(Ions $ions): float
    {
        $sum = 0.0;
        foreach ($this->each as $name => $conductivity) {
            $sum += $conductivity * $ions->of(Ion::from($name));
        }

        return $sum;
    }

    /** mmol/L of this ion that is not paired. */
    public function free(Ion $ion): float
    {
        return $this->free[$ion->value];
    }

    /** How the conductivity follows from the free ions. */
    public function working(Ions $ions): Computation
    {
        $computation = Computation::of('conductance.title')
            ->constant('I', 'conductance.ionic_strength', $this->strength, 'mol/L', 'half_sum_of_c_z_less')
            ->line('logg = -0.509 * (sqrt(I) / (1 + sqrt(I)) - 0.3 * I)', 'conductance.log_of_activity_coefficient_of_one', '', 'davies_equation')
            ->line('w1 = 10^(logg * '.self::text(self::exponent(1, $this->strength)).')', 'conductance.share_that_single_charges_carry', '', 'appelo_2010')
            ->line('w2 = 10^(4 * logg * '.self::text(self::exponent(2, $this->strength)).')', 'conductance.share_that_double_charges_carry', '', 'appelo_2010');
        $terms = [];
        foreach (Ion::cases() as $ion) {
            if ($ions->of($ion) <= 1e-6) {
                continue;
            }
            $name = $ion->value;
            $computation->constant(
                'c_'.$name,
                Text::of('conductance.free_what', what: $ion),
                $this->free($ion),
                'mmol/L',
                Text::of('mmol_less_pairs', total: self::text($ions->of($ion))),
                null,
            )
                ->constant(
                    'l_'.$name,
                    Text::of('conductance.limiting_conductivity_of_what', what: $ion),
                    $ion->limitingConductivity(),
                    'S cm²/mol',
                    'crc_handbook_of_chemistry_physics',
                );
            $terms[] = sprintf('l_%1$s * c_%1$s * w%2$d', $name, abs($ion->charge()));
        }
        if ($terms === []) {
            return $computation->line('EC = 0 * I', 'conductance.conductivity_at_25_c', 'µS/cm');
        }
        $bare = 0.0;
        foreach (Ion::cases() as $ion) {
            $bare += $ion->limitingConductivity() * $this->free($ion) * (abs($ion->charge()) === 2 ? $computation->value('w2') : $computation->value('w1'));
        }

        return $computation
            ->constant(
                'pairs',
                'conductance.charged_pairs_of_calcium_magnesium_with',
                max(0.0, $this->microsiemens - $bare),
                'µS/cm',
                'log_k_1_11_1_07',
                Grade::Measured,
            )
            ->line('EC = '.implode(' + ', $terms).' + pairs', 'conductance.conductivity_at_25_c', 'µS/cm')
            ->note('conductance.within_about_1_of_published_figures');
    }

    private static function logActivity(float $strength): float
    {
        $root = sqrt(max(0.0, $strength));

        return -self::DAVIES * ($root / (1.0 + $root) - 0.3 * $strength);
    }

    private static function exponent(int $charge, float $strength): float
    {
        return $strength <= 0.36 * $charge ? 0.6 / sqrt($charge) : sqrt($strength) / $charge;
    }

    private static function text(float $value): string
    {
        return sprintf('%.4f', $value);
    }
}
