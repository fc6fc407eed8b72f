<?php

declare(strict_types=1);

namespace Cresco\Core\Water;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Temperature;
use Cresco\Core\Working\Computation;
use Cresco\Core\Working\Formula;
use Cresco\Core\Working\Grade;

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
            ->given('NH4', 'total ammonium', $ammonium, 'mg/L')
            ->given('pH', 'pH', $acidity, '')
            ->given('t', 'temperature', $celsius, '°C')
            ->constant('N_NH4', 'nitrogen in ammonium', 1.0 / MassConcentration::AMMONIUM_PER_NITROGEN, '', 'molar masses, IUPAC 2021')
            ->constant('T_0', '0 °C', Temperature::KELVIN_AT_ZERO, 'K', 'definition')
            ->line('T = t + T_0', 'absolute temperature', 'K')
            ->line(self::PKA, 'acidity constant of ammonium', '', 'Emerson and others, 1975')
            ->line(self::SHARE, 'free share', '')
            ->line('NH3_N = NH4 * N_NH4 * share', 'free ammonia', 'mg/L NH3-N')
            ->note(sprintf('Alarm at %s mg/L for sensitive animals, %s for all (%s).', self::ALARM_SENSITIVE, self::ALARM_ALL, Grade::Guess->meaning()));
    }
}
