<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Temperature;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Estimate;
use Cresco\Core\Working\Formula;
use Cresco\Core\Working\Grade;

/**
 * The carbonate system: pH, alkalinity and carbon dioxide of one water and of a mixture.
 *
 * Equilibrium constants: Plummer and Busenberg (1982), Geochimica et Cosmochimica Acta 46, 1011-1040, 0 to 90 degC.
 * Activity coefficients: Davies equation with A = 0.509; ionic strength 1.6e-5 mol/L for each uS/cm.
 * Alkalinity = [HCO3] + 2 [CO3] + [OH] - [H]; no other buffer is counted.
 */
final class Carbonate
{
    public const LOG_K1 = 'logK1 = -356.3094 - 0.06091964 * T + 21834.37 / T + 126.8339 * log10(T) - 1684915 / T^2';

    public const LOG_K2 = 'logK2 = -107.8871 - 0.03252849 * T + 5151.79 / T + 38.92561 * log10(T) - 563713.9 / T^2';

    public const LOG_KH = 'logKH = 108.3865 + 0.01985076 * T - 6919.53 / T - 40.45154 * log10(T) + 669365 / T^2';

    public const LOG_KW = 'logKw = 6.0875 - 4470.99 / T - 0.01706 * T';

    public const DAVIES = 'logg = -0.509 * (sqrt(I) / (1 + sqrt(I)) - 0.3 * I)';

    public const STRENGTH_PER_MICROSIEMENS = 1.6e-5;

    /** Molar mass of carbon dioxide, g/mol. */
    public const CARBON_DIOXIDE = 44.009;

    /** Below this alkalinity (1 dKH, meq/L) other buffers weigh as much as bicarbonate. */
    public const SOFT = Alkalinity::MILLIEQUIVALENT_PER_DEGREE;

    /** Assumed when a water's conductivity was never read, uS/cm; it only enters the activity correction. House default. */
    private const ASSUMED_CONDUCTIVITY = 250.0;

    private const SOURCE = 'Plummer and Busenberg, 1982';

    /**
     * Equilibrium constants at a temperature, as mol/L.
     *
     * @param float $celsius 0 to 45
     *
     * @return array{K1: float, K2: float, KH: float, Kw: float}
     */
    public static function constants(float $celsius): array
    {
        $kelvin = ['T' => Temperature::fromCelsius($celsius)->kelvin()];

        return [
            'K1' => 10.0 ** Formula::of(self::LOG_K1)->number($kelvin),
            'K2' => 10.0 ** Formula::of(self::LOG_K2)->number($kelvin),
            'KH' => 10.0 ** Formula::of(self::LOG_KH)->number($kelvin),
            'Kw' => 10.0 ** Formula::of(self::LOG_KW)->number($kelvin),
        ];
    }

    /**
     * Carbon dioxide, mg/L, from pH and alkalinity (meq/L) at a temperature and a conductivity (uS/cm).
     */
    public static function carbonDioxide(float $ph, float $alkalinity, float $celsius, float $conductivity): float
    {
        $water = new WaterState('the water', [
            Parameter::Acidity->value => new Normal($ph, 0.0),
            Parameter::CarbonateHardness->value => new Normal($alkalinity, 0.0),
            Parameter::Temperature->value => new Normal($celsius, 0.0),
            Parameter::Conductivity->value => new Normal($conductivity, 0.0),
        ]);
        $computation = Computation::of('Carbon dioxide');
        self::describe($computation, $water, 't', Unit::of(Parameter::CarbonateHardness, 'meq'));
        $computation->line('mg = CO2_t * 1000 * '.self::CARBON_DIOXIDE, 'dissolved carbon dioxide', 'mg/L');

        return $computation->value('mg');
    }

    /**
     * pH of a mixture right after mixing, nothing having escaped: alkalinity and total inorganic carbon mix by volume.
     *
     * Gives the symbols pH (right after), CO2_t (mol/L of the first water), alk_m and DIC_m (mol/L).
     *
     * @param Unit     $hardness unit that alkalinity is shown in
     * @param callable $share    adds to the computation whatever defines f, the share of the second water
     */
    public static function mixed(string $title, WaterState $first, WaterState $second, Unit $hardness, callable $share): Computation
    {
        $computation = Computation::of($title);
        $share($computation);
        $f = $computation->value('f');
        self::describe($computation, $first, 't', $hardness);
        self::describe($computation, $second, 's', $hardness);
        $celsius = (1.0 - $f) * $first->central(Parameter::Temperature, 24.0) + $f * $second->central(Parameter::Temperature, 24.0);
        self::addConstants($computation, 'm', $celsius, (1.0 - $f) * $computation->value('I_t') + $f * $computation->value('I_s'), 'the mixture');
        self::addOtherBuffers($computation, (1.0 - $f) * $computation->value('alk_t') + $f * $computation->value('alk_s'));

        return $computation
            ->line('alk_m = max((1 - f) * alk_t + f * alk_s + other, 0.00001)', 'alkalinity of the mixture', 'mol/L')
            ->line('DIC_m = (1 - f) * DIC_t + f * DIC_s', 'inorganic carbon of the mixture', 'mol/L')
            ->solve(
                [
                    'h = 10^(-pH)',
                    'b = K1_m / (h * g1_m)',
                    'c = K1_m * K2_m / (h^2 * g2_m)',
                    'alk_m = DIC_m * (b + 2 * c) / (1 + b + c) + Kw_m / (h * g1_m) - h / g1_m',
                ],
                'pH',
                'pH right after',
                '',
                [3.0, 11.0],
                'alkalinity and inorganic carbon mix by volume; pH follows from both',
            );
    }

    /**
     * Adds the pH of the mixture once its carbon dioxide is back at the level of the first water; the computation must
     * come from mixed(). Gives the symbol pH_next.
     */
    public static function settled(Computation $mixed): Computation
    {
        return $mixed->solve(
            [
                'h = 10^(-pH_next)',
                'b = K1_t / (h * g1_m)',
                'c = K1_t * K2_t / (h^2 * g2_m)',
                'alk_m = CO2_t * (b + 2 * c) + Kw_t / (h * g1_m) - h / g1_m',
            ],
            'pH_next',
            'pH when carbon dioxide is back at its former level',
            '',
            [3.0, 11.0],
        );
    }

    /** The middle and band of a pH that was not read, from what most tap and stored water shows. House default. */
    public static function assumedAcidity(): Normal
    {
        return new Normal(7.4, 0.4);
    }

    /** pH of a blend of two waters, for use as a source in its turn. */
    public static function blendedAcidity(WaterState $first, WaterState $second, float $share): Estimate
    {
        return self::mixed('pH of the blend', $first, $second, Unit::usual(Parameter::CarbonateHardness), static fn(Computation $c) => $c->given('f', 'share of the second water', $share, ''))->estimate('pH');
    }

    private static function describe(Computation $computation, WaterState $water, string $mark, Unit $hardness): void
    {
        $alkalinity = $water->get(Parameter::CarbonateHardness) ?? new Normal(0.0, 0.0);
        $acidity = $water->get(Parameter::Acidity) ?? self::assumedAcidity();
        $guess = !$water->has(Parameter::Acidity) || $water->isAssumed(Parameter::Acidity) ? Grade::Guess : null;
        $strength = self::STRENGTH_PER_MICROSIEMENS * $water->central(Parameter::Conductivity, self::ASSUMED_CONDUCTIVITY);
        $perUnit = $hardness->widthToBase(1.0);

        $computation->given('KH_'.$mark, 'KH of '.$water->name, $hardness->distributionFromBase($alkalinity), $hardness->label)
            ->given('pH_'.$mark, 'pH of '.$water->name, $acidity, '', $guess);
        self::addConstants($computation, $mark, $water->central(Parameter::Temperature, 24.0), $strength, $water->name);
        $computation
            ->line(sprintf('alk_%1$s = max(KH_%1$s * %2$.6f, 0.01) / 1000', $mark, $perUnit), 'alkalinity of '.$water->name, 'mol/L')
            ->line(sprintf('h_%1$s = 10^(-pH_%1$s)', $mark), 'activity of hydrogen ions', 'mol/L')
            ->line(sprintf('b_%1$s = K1_%1$s / (h_%1$s * g1_%1$s)', $mark), 'bicarbonate for each carbon dioxide', '')
            ->line(sprintf('c_%1$s = K1_%1$s * K2_%1$s / (h_%1$s^2 * g2_%1$s)', $mark), 'carbonate for each carbon dioxide', '')
            ->line(sprintf('CO2_%1$s = max(alk_%1$s - Kw_%1$s / (h_%1$s * g1_%1$s) + h_%1$s / g1_%1$s, 0) / (b_%1$s + 2 * c_%1$s)', $mark), 'carbon dioxide of '.$water->name, 'mol/L')
            ->line(sprintf('DIC_%1$s = CO2_%1$s * (1 + b_%1$s + c_%1$s)', $mark), 'inorganic carbon of '.$water->name, 'mol/L');
    }

    private static function addConstants(Computation $computation, string $mark, float $celsius, float $strength, string $water): void
    {
        $at = sprintf(' at %.1f °C', $celsius);
        foreach (self::constants($celsius) as $name => $value) {
            if ($name !== 'KH') {
                $computation->constant($name.'_'.$mark, 'equilibrium constant'.$at, $value, 'mol/L', self::SOURCE);
            }
        }
        $log = Formula::of(self::DAVIES)->number(['I' => max(0.0, $strength)]);
        $computation->constant('I_'.$mark, 'ionic strength of '.$water, $strength, 'mol/L', '1.6e-5 for each µS/cm', Grade::Consensus)
            ->constant('g1_'.$mark, 'activity coefficient, one charge', 10.0 ** $log, '', 'Davies equation, A = 0.509')
            ->constant('g2_'.$mark, 'activity coefficient, two charges', 10.0 ** (4.0 * $log), '', 'Davies equation, A = 0.509');
    }

    private static function addOtherBuffers(Computation $computation, float $alkalinity): void
    {
        $soft = $alkalinity * 1000.0 < 1.2 * self::SOFT;
        $computation->constant(
            'other',
            'humic acids, soil and phosphate, not measured',
            $soft ? new Normal(0.0, 0.2 * self::SOFT / 1000.0) : 0.0,
            'mol/L',
            $soft ? 'house default below about 1 dKH: ± 0.2 dKH' : 'left out above about 1 dKH',
            Grade::Guess,
        );
        if ($soft) {
            $computation->note('Below about 1 degree of KH the buffers of soil, wood and leaves weigh as much as bicarbonate, so the band is wide.');
        }
    }
}
