<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Estimate;
use Cresco\Core\Formula\Formula;
use Cresco\Core\Formula\Grade;
use Cresco\Core\Measure\Alkalinity;
use Cresco\Core\Measure\Density;
use Cresco\Core\Measure\MaybeAbsent;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Temperature;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Text;

/**
 * The carbonate system: pH, alkalinity and carbon dioxide of one water and of a mixture.
 *
 * Equilibrium constants: Plummer and Busenberg (1982), Geochimica et Cosmochimica Acta 46, 1011-1040, 0 to 90 degC.
 * Activity coefficients: Davies equation with A = 0.509; ionic strength 1.6e-5 mol/L for each uS/cm.
 * Alkalinity = [HCO3] + 2 [CO3] + [OH] - [H] + [A], A what else takes up acid: humic acids, phosphate, soil. How much of it
 * there is and how strong it is nobody reads; in soft water it is let run over what may be, in every water that takes part.
 */
final class Carbonate
{
    public const LOG_K1 = 'logK1 = -356.3094 - 0.06091964 * T + 21834.37 / T + 126.8339 * log10(T) - 1684915 / T^2';

    public const LOG_K2 = 'logK2 = -107.8871 - 0.03252849 * T + 5151.79 / T + 38.92561 * log10(T) - 563713.9 / T^2';

    public const LOG_KH = 'logKH = 108.3865 + 0.01985076 * T - 6919.53 / T - 40.45154 * log10(T) + 669365 / T^2';

    public const LOG_KW = 'logKw = 6.0875 - 4470.99 / T - 0.01706 * T';

    public const DAVIES = 'logg = -0.509 * (sqrt(I) / (1 + sqrt(I)) - 0.3 * I)';

    /** mol/L of ionic strength for each uS/cm. Common rule of thumb. */
    public const STRENGTH_PER_MICROSIEMENS = 1.6e-5;

    /** Molar mass of carbon dioxide, g/mol. */
    public const CARBON_DIOXIDE = 44.009;

    /** Below this alkalinity (1 dKH, meq/L) other buffers weigh as much as bicarbonate. */
    public const SOFT = Alkalinity::MILLIEQUIVALENT_PER_DEGREE;

    /** From the first to the second, in meq/L, other buffers fade out of the computation: beside so much bicarbonate they do little. */
    private const FADES = [self::SOFT, 2.0 * self::SOFT];

    /** Share by which carbon dioxide differs from one day to the next at the same hour, a standard deviation. House default. */
    private const BACK = 0.1;

    /** The most of other buffers in soft water, meq/L, falling to it from none: 0.6 dKH. House default. */
    private const BUFFERS = 0.6 * self::SOFT;

    /** pKa from the carboxyl groups of humic acids to the second step of phosphoric acid, each as likely. House default. */
    private const BUFFER_STRENGTH = [4.5, 7.2];

    /** mg/L of carbon dioxide that soft water holds at least: from what plants in full light leave to what air gives. House default. */
    private const LEAST_CARBON_DIOXIDE = [0.1, 0.6];

    /** mg/L that it holds at most: from what fish gasp at to what no animal lives in. House default. */
    private const MOST_CARBON_DIOXIDE = [40.0, 160.0];

    /** A pH whose band of eight in ten is wider than this is not foretold. House default. */
    public const UNFORETOLD = 1.0;

    /** pH that solutions are looked for between: wider than what may be typed. */
    private const PH_BETWEEN = [1.0, 13.0];

    /** mg/L of carbon dioxide in water that has stood open overnight, and its standard deviation: what air of a room gives. House default. */
    public const IN_AIR = [0.8, 0.2];

    /** Assumed when a water's conductivity was never read, uS/cm; it only enters the activity correction. House default. */
    private const ASSUMED_CONDUCTIVITY = 250.0;

    private const SOURCE = 'plummer_and_busenberg';

    /**
     * Equilibrium constants at a temperature, as mol/L.
     *
     * @param float $celsius 0 to 45
     *
     * @return array{K1: float, K2: float, KH: float, Kw: float}
     */
    public static function constants(float $celsius): array
    {
        if (!($celsius >= 0.0 && $celsius <= 60.0)) {
            throw WaterFault::temperature();
        }
        $kelvin = ['T' => Temperature::fromCelsius($celsius)->kelvin()];

        return [
            'K1' => 10.0 ** Formula::of(self::LOG_K1)->number($kelvin),
            'K2' => 10.0 ** Formula::of(self::LOG_K2)->number($kelvin),
            'KH' => 10.0 ** Formula::of(self::LOG_KH)->number($kelvin),
            'Kw' => 10.0 ** Formula::of(self::LOG_KW)->number($kelvin),
        ];
    }

    /**
     * pH of a water in which bicarbonate is all its alkalinity, with so much carbon dioxide.
     *
     * @param float $alkalinity meq/L, above 0
     * @param float $gas        mg/L of carbon dioxide, above 0
     * @param float $celsius    0 to 45
     *
     * @throws WaterFault when there is none of one of them
     */
    public static function acidityWith(float $gas, float $alkalinity, float $celsius): float
    {
        if (!($gas > 0.0 && $gas <= 1e5 && $alkalinity > 0.0 && $alkalinity <= 1e3)) {
            throw WaterFault::buffer();
        }

        return -log10(self::constants($celsius)['K1'] * ($gas / 1000.0 / self::CARBON_DIOXIDE) / ($alkalinity / 1000.0));
    }

    /**
     * Carbon dioxide, mg/L, from pH and alkalinity (meq/L) at a temperature and a conductivity (uS/cm).
     */
    public static function carbonDioxide(float $ph, float $alkalinity, float $celsius, float $conductivity): float
    {
        if (!($ph >= 1.0 && $ph <= 13.0 && min($alkalinity, $conductivity) >= 0.0 && max($alkalinity, $conductivity) <= 1e5)) {
            throw WaterFault::reading();
        }
        $water = new WaterState('', [
            Parameter::Acidity->value => new NormalValue($ph, 0.0),
            Parameter::CarbonateHardness->value => new NormalValue($alkalinity, 0.0),
            Parameter::Temperature->value => new NormalValue($celsius, 0.0),
            Parameter::Conductivity->value => new NormalValue($conductivity, 0.0),
        ]);

        return self::carbonDioxideOf($water, Unit::of(Parameter::CarbonateHardness, 'meq'))->value('mg');
    }

    /** The same with its working, the symbol mg, of a water whose pH and KH are known; KH in the unit of its reader. */
    public static function carbonDioxideOf(WaterState $water, Unit $hardness): Computation
    {
        $computation = Computation::of('carbonate.title');
        self::addStrength($computation, $water, $water);
        self::describe($computation, $water, 't', $hardness);

        return $computation->line('mg = CO2_t * 1000 * '.self::CARBON_DIOXIDE, 'carbonate.dissolved_carbon_dioxide', 'mg/L');
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
        self::addStrength($computation, $first, $second);
        self::describe($computation, $first, 't', $hardness);
        self::describe($computation, $second, 's', $hardness);
        $celsius = (1.0 - $f) * $first->central(Parameter::Temperature, 24.0) + $f * $second->central(Parameter::Temperature, 24.0);
        self::addConstants(
            $computation,
            'm',
            $celsius,
            (1.0 - $f) * $computation->value('I_t') + $f * $computation->value('I_s'),
            Text::of('carbonate.the_mixture'),
        );

        return $computation
            ->line('alk_m = (1 - f) * alk_t + f * alk_s', 'carbonate.alkalinity_of_mixture', 'mol/L')
            ->line('DIC_m = (1 - f) * DIC_t + f * DIC_s', 'carbonate.inorganic_carbon_of_mixture', 'mol/L')
            ->line('B_m = (1 - f) * B_t + f * B_s', 'carbonate.other_buffers_of_mixture', 'mol/L')
            ->solve(
                [
                    'h = 10^(-pH)',
                    'b = K1_m / (h * g1_m)',
                    'c = K1_m * K2_m / (h^2 * g2_m)',
                    'alk_m = DIC_m * (b + 2 * c) / (1 + b + c) + Kw_m / (h * g1_m) - h / g1_m + B_m * K_B / (K_B + h)',
                ],
                'pH',
                'carbonate.ph_right_after',
                '',
                self::PH_BETWEEN,
                'alkalinity_inorganic_carbon_other_buffers_mix',
            );
    }

    /**
     * Adds the pH of the mixture once its carbon dioxide is back at the level of the first water; the computation must
     * come from mixed(). Gives the symbol pH_next.
     *
     * @param NormalValue|null $made KH that the tank makes until then, below nothing where it takes it up, in $hardness
     */
    public static function settled(Computation $mixed, ?NormalValue $made = null, ?Unit $hardness = null): Computation
    {
        $next = 'alk_m';
        if ($made !== null && $hardness !== null) {
            $next = 'alk_next';
            $mixed->given('made', 'carbonate.kh_that_comes_or_goes_by', $made, $hardness->label, Grade::Guess)
                ->line(sprintf('alk_next = max(alk_m + made * %.6f / 1000, 0)', $hardness->widthToBase(1.0)), 'carbonate.alkalinity_next_day', 'mol/L');
        }

        return $mixed->constant(
            'back',
            'carbonate.how_near_carbon_dioxide_comes_back',
            new NormalValue(1.0, self::BACK),
            '×',
            'house_default',
            Grade::Guess,
        )->solve(
            [
                'h = 10^(-pH_next)',
                'b = K1_t / (h * g1_m)',
                'c = K1_t * K2_t / (h^2 * g2_m)',
                $next.' = CO2_t * back * (b + 2 * c) + Kw_t / (h * g1_m) - h / g1_m + B_m * K_B / (K_B + h)',
            ],
            'pH_next',
            'carbonate.ph_when_carbon_dioxide_back_at',
            '',
            self::PH_BETWEEN,
        );
    }

    /**
     * What acid does to a water and, with it, to a tank. The acid takes alkalinity away for good; the carbon dioxide that it sets free stays
     * in a closed vessel and leaves an open one overnight. In the tank alkalinity and inorganic carbon count by what comes in.
     *
     * Gives the symbols alk_a (mol/L of the water, below nothing when all buffer is used up), pH_a (the water now), gas (mg/L of carbon
     * dioxide in it), pH_air (the water once it has stood open), alk_m (mol/L of the tank), pH (the tank right after), pH_next (the tank
     * when its carbon dioxide is back at its level).
     *
     * @param WaterState $water    that the acid goes into
     * @param Unit       $hardness unit that alkalinity is shown in
     * @param float      $acid     meq of acid for each litre of it, 0 and more
     * @param float      $keeps    share of the tank's own that stays: less than 1 in a change, 1 in a top-off
     * @param float      $comes    litres of the water for each litre of the tank, 0 to 1
     *
     * @throws WaterFault when a share or the acid is none
     */
    public static function acidified(WaterState $tank, WaterState $water, Unit $hardness, float $acid, float $keeps, float $comes): Computation
    {
        if (!($acid >= 0.0 && $acid < 1e3)) {
            throw WaterFault::reading();
        }
        if (!($keeps >= 0.0 && $keeps <= 1.0 && $comes >= 0.0 && $comes <= 1.0 && $keeps + $comes > 0.0)) {
            throw WaterFault::share($water->name);
        }
        $computation = Computation::of(Text::of('carbonate.title_acid_in_water', water: $water->name));
        self::addStrength($computation, $tank, $water);
        self::describe($computation, $tank, 't', $hardness);
        self::describe($computation, $water, 's', $hardness);
        $celsius = $keeps * $tank->central(Parameter::Temperature, 24.0) + (1.0 - $keeps) * $water->central(Parameter::Temperature, 24.0);
        self::addConstants($computation, 'm', $celsius, $computation->value('I_t'), Text::of('carbonate.the_tank'));
        $balance = static fn(string $alkalinity, string $ph, string $carbon, string $mark, string $buffer): array => [
            sprintf('h = 10^(-%s)', $ph),
            sprintf('b = K1_%1$s / (h * g1_%1$s)', $mark),
            sprintf('c = K1_%1$s * K2_%1$s / (h^2 * g2_%1$s)', $mark),
            sprintf('%1$s = %2$s + Kw_%3$s / (h * g1_%3$s) - h / g1_%3$s + %4$s * K_B / (K_B + h)', $alkalinity, $carbon, $mark, $buffer),
        ];

        $computation
            ->given('acid', 'carbonate.acid_for_each_litre_of_water', $acid, 'meq/L')
            ->given('keeps', 'carbonate.share_of_tanks_own_water_that', $keeps, '')
            ->given('comes', 'carbonate.litres_of_this_water_for_each', $comes, '')
            ->line('alk_a = alk_s - acid / 1000', 'carbonate.alkalinity_of_water_below_nothing_when', 'mol/L')
            ->solve(
                $balance('alk_a', 'pH_a', 'DIC_s * (b + 2 * c) / (1 + b + c)', 's', 'B_s'),
                'pH_a',
                'carbonate.ph_of_water_now',
                '',
                self::PH_BETWEEN,
                'inorganic_carbon_stays_until_gas_left',
            )
            ->line(
                sprintf('gas = DIC_s / (1 + K1_s * 10^pH_a / g1_s + K1_s * K2_s * 10^(2 * pH_a) / g2_s) * %.0f', 1000.0 * self::CARBON_DIOXIDE),
                'carbonate.carbon_dioxide_in_water_now',
                'mg/L',
            )
            ->constant(
                'CO2_air',
                'carbonate.carbon_dioxide_of_water_that_stands',
                new NormalValue(self::IN_AIR[0] / 1000.0 / self::CARBON_DIOXIDE, self::IN_AIR[1] / 1000.0 / self::CARBON_DIOXIDE),
                'mol/L',
                Text::of('about_and_spread', value: self::IN_AIR[0], spread: self::IN_AIR[1]),
                Grade::Guess,
            )
            ->solve($balance('alk_a', 'pH_air', 'CO2_air * (b + 2 * c)', 's', 'B_s'), 'pH_air', 'carbonate.ph_of_water_once_it_stood', '', self::PH_BETWEEN)
            ->line('alk_m = keeps * alk_t + comes * alk_a', 'carbonate.alkalinity_of_tank', 'mol/L')
            ->line('DIC_m = keeps * DIC_t + comes * DIC_s', 'carbonate.inorganic_carbon_of_tank', 'mol/L')
            ->line('B_m = keeps * B_t + comes * B_s', 'carbonate.other_buffers_of_tank', 'mol/L')
            ->line(sprintf('KH_m = alk_m * 1000 / %.6f', $hardness->widthToBase(1.0)), 'carbonate.kh_of_tank', $hardness->label)
            ->solve(
                $balance('alk_m', 'pH', 'DIC_m * (b + 2 * c) / (1 + b + c)', 'm', 'B_m'),
                'pH',
                'carbonate.ph_of_tank_right_after',
                '',
                self::PH_BETWEEN,
                'alkalinity_inorganic_carbon_other_buffers_count',
            );

        return self::settled($computation);
    }

    /** The middle and band of a pH that was not read, from what most tap and stored water shows. House default. */
    public static function assumedAcidity(): NormalValue
    {
        return new NormalValue(7.4, 0.4);
    }

    /** pH of a blend of two waters, for use as a source in its turn. */
    public static function blendedAcidity(WaterState $first, WaterState $second, float $share): Estimate
    {
        return self::mixed(
            'carbonate.title_ph',
            $first,
            $second,
            Unit::usual(Parameter::CarbonateHardness),
            static fn(Computation $c) => $c->given('f', 'carbonate.share_of_second_water', $share, ''),
        )->estimate('pH');
    }

    private static function describe(Computation $computation, WaterState $water, string $mark, Unit $hardness): void
    {
        $alkalinity = $water->get(Parameter::CarbonateHardness) ?? new NormalValue(0.0, 0.0);
        $acidity = $water->get(Parameter::Acidity) ?? self::assumedAcidity();
        $guess = !$water->has(Parameter::Acidity) || $water->isAssumed(Parameter::Acidity) ? Grade::Guess : null;
        $strength = self::STRENGTH_PER_MICROSIEMENS * $water->central(Parameter::Conductivity, self::ASSUMED_CONDUCTIVITY);
        $perUnit = $hardness->widthToBase(1.0);

        $computation->given('KH_'.$mark, Text::of('carbonate.kh_of_water', water: $water->name), $hardness->distributionFromBase($alkalinity), $hardness->label)
            ->given('pH_'.$mark, Text::of('carbonate.ph_of_water', water: $water->name), $acidity, '', $guess);
        self::addConstants($computation, $mark, $water->central(Parameter::Temperature, 24.0), $strength, $water->name);
        $soft = self::softness($water);
        $computation
            ->constant(
                'C_'.$mark,
                Text::of('carbonate.most_of_other_buffers_in_water', water: $water->name),
                $soft <= 0.0 ? 0.0 : new MaybeAbsent(Density::flat(0.0, $soft * self::BUFFERS / 1000.0)),
                'mol/L',
                $soft <= 0.0 ? 'left_out_above_2_dkh' : 'house_default_below_2_dkh',
                Grade::Guess,
            )
            ->line(sprintf('h_%1$s = 10^(-pH_%1$s)', $mark), 'carbonate.activity_of_hydrogen_ions', 'mol/L')
            ->line(sprintf('b_%1$s = K1_%1$s / (h_%1$s * g1_%1$s)', $mark), 'carbonate.bicarbonate_for_each_carbon_dioxide', '')
            ->line(sprintf('c_%1$s = K1_%1$s * K2_%1$s / (h_%1$s^2 * g2_%1$s)', $mark), 'carbonate.carbonate_for_each_carbon_dioxide', '')
            ->line(sprintf('oh_%1$s = Kw_%1$s / (h_%1$s * g1_%1$s) - h_%1$s / g1_%1$s', $mark), 'carbonate.hydroxide_less_hydrogen_ions', 'mol/L');
        if ($soft <= 0.0) {
            $computation->line(
                sprintf('alk_%1$s = max(KH_%1$s * %2$.6f / 1000, oh_%1$s)', $mark, $perUnit),
                Text::of('carbonate.alkalinity_of_water', water: $water->name),
                'mol/L',
            )
                ->line(sprintf('A_%1$s = min(C_%1$s, 0)', $mark), 'carbonate.of_it_other_buffers', 'mol/L');
        } else {
            // A reading of KH near nothing says little; that carbon dioxide can neither be less than nothing nor kill says more.
            $computation
                ->line(
                    sprintf('low_%1$s = oh_%1$s + %2$.3f * least * (b_%1$s + 2 * c_%1$s)', $mark, $soft),
                    'carbonate.alkalinity_with_least_carbon_dioxide_at',
                    'mol/L',
                )
                ->line(sprintf('high_%1$s = oh_%1$s + most * (b_%1$s + 2 * c_%1$s)', $mark), 'carbonate.alkalinity_with_most_of_it', 'mol/L')
                ->line(
                    sprintf('alk_%1$s = min(max(KH_%1$s * %2$.6f / 1000, low_%1$s), high_%1$s)', $mark, $perUnit),
                    Text::of('carbonate.alkalinity_of_water', water: $water->name),
                    'mol/L',
                )
                ->line(sprintf('A_%1$s = min(C_%1$s * K_B / (K_B + h_%1$s), alk_%1$s - low_%1$s)', $mark), 'carbonate.of_it_other_buffers', 'mol/L');
        }
        $computation
            ->line(
                sprintf('CO2_%1$s = (alk_%1$s - oh_%1$s - A_%1$s) / (b_%1$s + 2 * c_%1$s)', $mark),
                Text::of('carbonate.carbon_dioxide_of_water', water: $water->name),
                'mol/L',
            )
            ->line(sprintf('DIC_%1$s = CO2_%1$s * (1 + b_%1$s + c_%1$s)', $mark), Text::of('carbonate.inorganic_carbon_of_water', water: $water->name), 'mol/L')
            ->line(
                sprintf('B_%1$s = A_%1$s * (1 + h_%1$s / K_B)', $mark),
                Text::of('carbonate.other_buffers_of_water_with_without', water: $water->name),
                'mol/L',
            );
    }

    /** How much other buffers count in a water: 1 below 1 dKH, 0 above 2. */
    private static function softness(WaterState $water): float
    {
        $alkalinity = $water->central(Parameter::CarbonateHardness, 0.0);

        return max(0.0, min(1.0, (self::FADES[1] - $alkalinity) / (self::FADES[1] - self::FADES[0])));
    }

    /**
     * mol/L, each as likely.
     *
     * @param array{float, float} $milligrams from, to
     */
    private static function moles(array $milligrams): Density
    {
        return Density::flat($milligrams[0] / 1000.0 / self::CARBON_DIOXIDE, $milligrams[1] / 1000.0 / self::CARBON_DIOXIDE);
    }

    private static function addStrength(Computation $computation, WaterState $first, WaterState $second): void
    {
        $counts = max(self::softness($first), self::softness($second)) > 0.0;
        $computation->constant(
            'pK_B',
            'carbonate.strength_of_other_buffers_not_measured',
            $counts ? Density::flat(...self::BUFFER_STRENGTH) : 6.0,
            '',
            'from_humic_acids_to_phosphate',
            Grade::Guess,
        )
            ->line('K_B = 10^(-pK_B)', 'carbonate.acidity_constant_of_other_buffers', 'mol/L');
        if ($counts) {
            $computation->constant(
                'least',
                'carbonate.least_carbon_dioxide_of_soft_water',
                self::moles(self::LEAST_CARBON_DIOXIDE),
                'mol/L',
                Text::of('house_default_between', low: self::LEAST_CARBON_DIOXIDE[0], high: self::LEAST_CARBON_DIOXIDE[1]),
                Grade::Guess,
            )
                ->constant(
                    'most',
                    'carbonate.most_carbon_dioxide_of_soft_water',
                    self::moles(self::MOST_CARBON_DIOXIDE),
                    'mol/L',
                    Text::of('house_default_between', low: self::MOST_CARBON_DIOXIDE[0], high: self::MOST_CARBON_DIOXIDE[1]),
                    Grade::Guess,
                )
                ->note('carbonate.below_about_1_degree_of_kh');
        }
    }

    private static function addConstants(Computation $computation, string $mark, float $celsius, float $strength, string|Text $water): void
    {
        foreach (self::constants($celsius) as $name => $value) {
            if ($name !== 'KH') {
                $computation->constant($name.'_'.$mark, Text::of('carbonate.equilibrium_constant', celsius: round($celsius, 1)), $value, 'mol/L', self::SOURCE);
            }
        }
        $log = Formula::of(self::DAVIES)->number(['I' => max(0.0, $strength)]);
        $computation->constant(
            'I_'.$mark,
            Text::of('carbonate.ionic_strength_of_water', water: $water),
            $strength,
            'mol/L',
            '1_6e_5_for_each_us',
            Grade::Consensus,
        )
            ->constant('g1_'.$mark, 'carbonate.activity_coefficient_one_charge', 10.0 ** $log, '', 'davies_equation_0_509')
            ->constant('g2_'.$mark, 'carbonate.activity_coefficient_two_charges', 10.0 ** (4.0 * $log), '', 'davies_equation_0_509');
    }
}
