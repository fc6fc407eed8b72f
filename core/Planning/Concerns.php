<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\ExactValue;
use Cresco\Core\Measure\MassConcentration;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\RangeViolation;
use Cresco\Core\Tank\Needs;
use Cresco\Core\Water\Ammonia;
use Cresco\Core\Water\Carbonate;
use Cresco\Core\Water\DissolvedGas;
use Cresco\Core\Water\WaterState;

/** What the water of a tank, as it stands, asks of its keeper: alarms of danger by absolute limits first, then what lies out of range. */
final class Concerns
{
    /** pH that free ammonia is used when none was read, on the careful side. House default. */
    public const CAREFUL_PH = 7.6;

    /** mg/L NH4 that is an alarm whatever the pH, for sensitive animals and for others. House defaults. */
    private const AMMONIUM_ALARM = [0.5, 1.0];

    /** mg/L NH4 that a running tank does not have. House default. */
    private const AMMONIUM_SEEN = 0.2;

    /** mg/L NO2 that is an alarm, for sensitive animals and for others. House defaults. */
    private const NITRITE_ALARM = [0.25, 0.5];

    /** Times the upper end of its range from which nitrate does not wait for the rhythm. House default. */
    private const NITRATE_TODAY = 2.0;

    /** Share of its middle at which the tenth percentile of a reading lies that begins at nothing; a flat one has a fifth. House default. */
    private const FROM_NOTHING = 0.25;

    /** Days ahead within which a limit that will be passed is said. House default. */
    private const AHEAD = 3.0;

    /**
     * @param float $nitrateADay what the tank makes, mg/L
     *
     * @return list<Concern> most urgent first
     */
    public static function of(WaterState $now, Needs $needs, float $nitrateADay = 0.0): array
    {
        $found = [
            ...self::ammonia($now, $needs), ...self::nitrite($now, $needs), ...self::gas($now), ...self::temperature($now, $needs),
            ...self::nitrate($now, $needs, $nitrateADay), ...self::drift($now, $needs),
        ];
        usort($found, static fn(Concern $a, Concern $b): int => $a->urgency->value <=> $b->urgency->value);

        return $found;
    }

    /** @return list<Concern> */
    private static function ammonia(WaterState $now, Needs $needs): array
    {
        $total = $now->get(Parameter::Ammonium);
        if ($total === null) {
            return [];
        }
        $most = self::AMMONIUM_ALARM[$needs->isSensitive() ? 0 : 1];
        // Were all of it free, and it still were no alarm: nothing to compute.
        if ($total->central() < self::AMMONIUM_SEEN && $total->quantile(0.9) / MassConcentration::AMMONIUM_PER_NITROGEN < $needs->ammoniaAlarm()) {
            return [];
        }
        $free = Ammonia::free(
            'x',
            $total,
            $now->get(Parameter::Acidity) ?? new ExactValue(self::CAREFUL_PH),
            new ExactValue(max(0.0, min(40.0, $now->central(Parameter::Temperature, 25.0)))),
        )->estimate();

        return match (true) {
            $free->quantile(0.9) >= $needs->ammoniaAlarm() => [new Concern(
                'free_ammonia',
                Urgency::Alarm,
                Parameter::Ammonium,
                $free->quantile(0.9),
                $needs->ammoniaAlarm(),
            )],
            self::mayBeNone($total) => [],
            $total->central() >= $most => [new Concern('ammonium', Urgency::Alarm, Parameter::Ammonium, $total->central(), $most)],
            $total->central() >= self::AMMONIUM_SEEN => [new Concern(
                'ammonium_seen',
                Urgency::Today,
                Parameter::Ammonium,
                $total->central(),
                self::AMMONIUM_SEEN,
            )],
            default => [],
        };
    }

    /** @return list<Concern> */
    private static function nitrite(WaterState $now, Needs $needs): array
    {
        $value = $now->get(Parameter::Nitrite);
        $alarm = self::NITRITE_ALARM[$needs->isSensitive() ? 0 : 1];
        $fine = $needs->range(Parameter::Nitrite)[1] ?? $alarm;

        return match (true) {
            $value === null => [],
            self::mayBeNone($value) => [],
            $value->central() >= $alarm => [new Concern('nitrite', Urgency::Alarm, Parameter::Nitrite, $value->central(), $alarm)],
            $value->central() > $fine => [new Concern('nitrite_seen', Urgency::Today, Parameter::Nitrite, $value->central(), $fine)],
            default => [],
        };
    }

    /** Whether a reading says no more than the lowest field of a chart does: from nothing up. */
    private static function mayBeNone(Distribution $value): bool
    {
        return $value->quantile(0.1) <= self::FROM_NOTHING * $value->central();
    }

    /**
     * Carbon dioxide as pH and KH tell it. In soft water other acids move pH as much, so that nothing is said there.
     *
     * @return list<Concern>
     */
    private static function gas(WaterState $now): array
    {
        $ph = $now->get(Parameter::Acidity);
        $kh = $now->get(Parameter::CarbonateHardness);
        if ($ph === null || $kh === null || $kh->central() < Carbonate::SOFT || $now->isAssumed(Parameter::Acidity)) {
            return [];
        }
        // Far from it the constants need not be worked out: at 25 degrees pK1 is 6.35.
        if (1000.0 * Carbonate::CARBON_DIOXIDE * $kh->central() / 1000.0 * 10.0 ** (6.35 - $ph->central()) < 0.7 * DissolvedGas::HARMS) {
            return [];
        }
        $gas = DissolvedGas::of(
            $ph,
            $kh,
            max(0.0, min(40.0, $now->central(Parameter::Temperature, 25.0))),
            max(0.0, $now->central(Parameter::Conductivity, 250.0)),
        );

        return match (true) {
            $gas === null => [],
            $gas->low >= DissolvedGas::ALARM => [new Concern('carbon_dioxide_far', Urgency::Alarm, Parameter::Acidity, $gas->level, DissolvedGas::HARMS)],
            $gas->level >= DissolvedGas::HARMS => [new Concern('carbon_dioxide', Urgency::Today, Parameter::Acidity, $gas->level, DissolvedGas::HARMS)],
            default => [],
        };
    }

    /** @return list<Concern> an alarm when it is out by more than these animals stand at once */
    private static function temperature(WaterState $now, Needs $needs): array
    {
        $value = $now->get(Parameter::Temperature);
        $range = $needs->range(Parameter::Temperature);
        if ($value === null || $range === null) {
            return [];
        }
        $step = $needs->swingLimits()->celsius;
        [$coolest, $warmest] = [$value->quantile(0.1), $value->quantile(0.9)];

        return match (true) {
            $coolest > $range[1] => [new Concern(
                $coolest > $range[1] + $step ? 'hot' : 'warm',
                $coolest > $range[1] + $step ? Urgency::Alarm : Urgency::Today,
                Parameter::Temperature,
                $value->central(),
                $range[1],
            )],
            $warmest < $range[0] => [new Concern(
                $warmest < $range[0] - $step ? 'cold' : 'cool',
                $warmest < $range[0] - $step ? Urgency::Alarm : Urgency::Today,
                Parameter::Temperature,
                $value->central(),
                $range[0],
            )],
            default => [],
        };
    }

    /** @return list<Concern> */
    private static function nitrate(WaterState $now, Needs $needs, float $aDay): array
    {
        $value = $now->get(Parameter::Nitrate);
        $limit = $needs->range(Parameter::Nitrate)[1] ?? null;
        if ($value === null || $limit === null) {
            return [];
        }
        $least = $value->quantile(0.1);

        return match (true) {
            $least > $limit
                && $value->central() > self::NITRATE_TODAY * $limit => [new Concern(
                    'nitrate_far',
                    Urgency::Today,
                    Parameter::Nitrate,
                    $value->central(),
                    $limit,
                )],
            $least > $limit => [new Concern('nitrate', Urgency::Next, Parameter::Nitrate, $value->central(), $limit)],
            // No hole between the two: what is likely over is said, though it may be under.
            $value->central() > $limit => [new Concern('nitrate_likely', Urgency::Note, Parameter::Nitrate, $value->central(), $limit)],
            $aDay > 0.0
                && $value->central() + self::AHEAD * $aDay > $limit => [new Concern(
                    'nitrate_soon',
                    Urgency::Note,
                    Parameter::Nitrate,
                    ($limit - $value->central()) / $aDay,
                    $limit,
                )],
            default => [],
        };
    }

    /** @return list<Concern> pH, hardness and conductivity out of their range: today when by more than one change may move them */
    private static function drift(WaterState $now, Needs $needs): array
    {
        $found = [];
        foreach ([Parameter::Acidity, Parameter::CarbonateHardness, Parameter::GeneralHardness, Parameter::Conductivity] as $parameter) {
            $value = $now->get($parameter);
            $range = $needs->range($parameter);
            if ($value === null || $range === null) {
                continue;
            }
            $beyond = RangeViolation::of($value, $range);
            if ($beyond === null) {
                continue;
            }
            $isHigh = $beyond === RangeViolation::High;
            $step = $needs->swingLimits()->allowed($parameter, $value->central()) ?? INF;
            $found[] = new Concern(
                $isHigh ? 'above' : 'below',
                $parameter === Parameter::Acidity && $beyond->by($value, $range) > $step ? Urgency::Today : Urgency::Note,
                $parameter,
                $value->central(),
                $range[$isHigh ? 1 : 0],
            );
        }

        return $found;
    }
}
