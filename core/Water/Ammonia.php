<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Formula\Formula;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Temperature;
use Cresco\Core\Text;

/**
 * The free, toxic part of total ammonia.
 *
 * pKa from Emerson, Russo, Lund and Thurston (1975), J. Fish. Res. Board Can. 32, 2379-2383, 0 to 30 degC.
 */
final class Ammonia
{
    public const PKA = 'pKa = 0.09018 + 2729.92 / T';

    public const SHARE = 'share = 1 / (1 + 10^(pKa - pH))';

    /** mg/L NH3-N at which sensitive animals are at risk. House default. */
    public const ALARM_SENSITIVE = 0.02;

    /** mg/L NH3-N at which any animal is at risk. House default. */
    public const ALARM_ALL = 0.05;

    /** Molar share of free ammonia, 0 to 1. */
    public static function freeShare(float $ph, float $celsius): float
    {
        $pka = Formula::of(self::PKA)->number(['T' => Temperature::fromCelsius($celsius)->kelvin()]);

        return Formula::of(self::SHARE)->number(['pKa' => $pka, 'pH' => $ph]);
    }

    /** Free ammonia as mg/L nitrogen, from total ammonium (mg/L NH4), pH and degC; symbol NH3_N. */
    public static function free(string $title, Distribution $ammonium, Distribution $acidity, Distribution $celsius): Computation
    {
        return Computation::of($title)
            ->given('NH4', 'ammonia.total_ammonium', $ammonium, 'mg/L')
            ->given('pH', 'ammonia.ph', $acidity, '')
            ->given('t', 'ammonia.temperature', $celsius, '°C')
            ->constant('N_NH4', 'ammonia.nitrogen_in_ammonium', 1.0 / MassConcentration::AMMONIUM_PER_NITROGEN, '', 'molar_masses_iupac_2021')
            ->constant('T_0', 'ammonia.0_c', Temperature::KELVIN_AT_ZERO, 'K', 'definition')
            ->line('T = t + T_0', 'ammonia.absolute_temperature', 'K')
            ->line(self::PKA, 'ammonia.acidity_constant_of_ammonium', '', 'emerson_others_1975')
            ->line(self::SHARE, 'ammonia.free_share', '')
            ->line('NH3_N = NH4 * N_NH4 * share', 'ammonia.free_ammonia', 'mg/L NH3-N')
            ->note(Text::of('ammonia.alarm_at_alarm_sensitive_mg_l', alarm_sensitive: self::ALARM_SENSITIVE, alarm_all: self::ALARM_ALL));
    }
}
