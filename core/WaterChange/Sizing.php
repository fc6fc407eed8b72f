<?php

declare(strict_types=1);

namespace Cresco\Core\WaterChange;

use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\Distribution;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Cresco\Core\Numeric\Bisection;
use Cresco\Core\State\Level;
use Cresco\Core\State\Strength;
use Cresco\Core\Tank\SwingLimits;
use Cresco\Core\Text;
use Cresco\Core\Water\Minerals;
use Cresco\Core\Water\WaterState;

/** How much water to change for a reason, and how much the animals allow at once. */
final class Sizing
{
    /** A series longer than this is none. House limit. */
    public const MOST_CHANGES = 1000;

    public const LITRES = 'litres = V * (1 - (1 - share)^(1 / n)) - E';

    public const LITRES_WHILE_FILLING = 'litres = max(V - E, 0) * (1 - (min((1 - share) * V / max(V - E, 0.001), 1))^(1 - r))';

    /**
     * The litres to drain that bring a parameter to a goal, as a spread: the readings and the volume decide how sure it
     * is. The median does in five of ten cases, the 0.9 quantile in nine of ten. Symbols share and litres.
     *
     * With several drains evaporation is counted once, at the end, which errs by less than it evaporated.
     *
     * @param float $goal in the base unit
     *
     * @throws WaterChangeFault when tank or source is not known, or no share does it
     */
    public static function forGoal(ChangePlan $plan, Parameter $parameter, float $goal): Computation
    {
        $unit = $plan->unit($parameter);
        $tank = $plan->tank->get($parameter);
        $source = $plan->source->get($parameter);
        if ($tank === null || $source === null) {
            throw WaterChangeFault::notRead($parameter, $tank === null ? $plan->tank->name : $plan->source->name);
        }
        Dilution::needed($unit->fromBase($tank->central()), $unit->fromBase($source->central()), $unit->fromBase($goal));

        $word = $parameter;
        if ($parameter === Parameter::Conductivity) {
            // What a mix conserves is not conductivity but its strength.
            [$tank, $source, $goal, $unit, $word] = [
                Strength::spread($tank), Strength::spread($source), Strength::of($goal), Unit::usual($parameter),
                Text::of('sizing.strength_from_conductivity'),
            ];
        }
        $computation = Computation::of(Text::of('sizing.title', what: $parameter))
            ->given('tank', Text::of('sizing.word_in_name', word: $word, name: $plan->tank->name), $unit->distributionFromBase($tank), $unit->label)
            ->given('source', Text::of('sizing.word_in_name', word: $word, name: $plan->source->name), $unit->distributionFromBase($source), $unit->label)
            ->given('goal', 'sizing.goal', $unit->fromBase($goal), $unit->label)
            ->given('V', 'sizing.net_volume_of_tank', $plan->vessel->volumeDistribution(), 'L')
            ->given('E', 'sizing.litres_gone_by_evaporation_before', $plan->evaporated, 'L')
            ->line(Dilution::NEEDED, 'sizing.share_of_water_to_change', '')
            ->line('share = min(max(f, 0), 1)', 'sizing.as_far_as_there_water', '');

        return $plan->isWhileFilling()
            ? $computation->given('r', 'sizing.new_water_that_runs_in_while', $plan->inflow, '')
                ->line(self::LITRES_WHILE_FILLING, 'sizing.litres_by_which_level_falls', 'L')
            : $computation->given('n', 'sizing.times_drained_filled_up', (float) $plan->drains, '')
                ->line(self::LITRES, 'sizing.litres_to_drain_each_time', 'L');
    }

    /** The largest share of new water with which every parameter stays within its limit. */
    public static function largestWithin(ChangePlan $plan, SwingLimits $limits, Forecast $forecast): Allowance
    {
        $mixing = self::largestByMixing($plan, $limits);
        $acidity = self::largestByAcidity($forecast, $limits);

        return $acidity < $mixing->share ? new Allowance($acidity, Parameter::Acidity) : $mixing;
    }

    /** The same for what mixes by volume; it does not depend on how much is drained. What would limit and is not known is no leave. */
    public static function largestByMixing(ChangePlan $plan, SwingLimits $limits): Allowance
    {
        $allowance = new Allowance(1.0);
        foreach (Parameter::cases() as $parameter) {
            $now = self::mineral($plan->tank, $parameter);
            $source = self::mineral($plan->source, $parameter);
            if (!$parameter->mixes() || $now === null || $source === null) {
                continue;
            }
            $isRead = $parameter !== Parameter::Conductivity || ($plan->tank->has($parameter) && $plan->source->has($parameter));
            // Where it is open which of two levels it is, the one that leaves less counts.
            $either = static fn(Distribution $level): array => [$level->central(), ...($level instanceof Level ? $level->apart() ?? [] : [])];
            foreach ($either($now) as $level) {
                $allowed = $limits->allowed($parameter, $level) ?? INF;
                foreach ($either($source) as $other) {
                    $way = $other < $level ? -1.0 : 1.0;
                    // Nine times of ten it is no further.
                    $far = $isRead
                        ? $other
                        : max(0.0, $level + $way * (new NormalValue(abs($other - $level), hypot($now->spread(), $source->spread())))->quantile(0.9));
                    $share = $allowed < abs($far - $level) ? Dilution::moving($parameter, $level, $far, $level + $way * $allowed) : INF;
                    if ($share < $allowance->share) {
                        $allowance = new Allowance($share, $parameter);
                    }
                }
            }
        }
        $unread = $limits->unreadShare < $allowance->share ? self::unread($plan) : [];

        return $unread === [] ? $allowance : new Allowance($limits->unreadShare, null, $unread);
    }

    /** @return list<Untested> the tests without which nobody knows how far a change moves the water */
    public static function unread(ChangePlan $plan): array
    {
        $unread = [];
        $hasBoth = static fn(callable $knows): bool => $knows($plan->tank) && $knows($plan->source);
        $areMineralsKnown = $hasBoth(static fn(WaterState $water): bool => $water->has(Parameter::GeneralHardness))
            || $hasBoth(static fn(WaterState $water): bool => self::mineral($water, Parameter::Conductivity) !== null);
        foreach ([[$plan->tank, false], [$plan->source, true]] as [$water, $inSource]) {
            if (!$water->has(Parameter::CarbonateHardness)) {
                $unread[] = new Untested(Parameter::CarbonateHardness, $inSource);
            }
            if (!$areMineralsKnown && !$water->has(Parameter::GeneralHardness)) {
                $unread[] = new Untested(Parameter::GeneralHardness, $inSource);
            }
        }

        return $plan->tank->has(Parameter::Temperature) ? $unread : [...$unread, new Untested(Parameter::Temperature, false)];
    }

    /** What a water holds of a parameter; conductivity follows from GH and KH where no meter read it. */
    private static function mineral(WaterState $water, Parameter $parameter): ?Distribution
    {
        $known = $water->get($parameter);
        $gh = $water->get(Parameter::GeneralHardness)?->central();
        $kh = $water->get(Parameter::CarbonateHardness)?->central();

        return $known ?? ($parameter !== Parameter::Conductivity || $gh === null || $kh === null ? null : Minerals::conductivity($gh, $kh));
    }

    /** pH does not mix by volume: where the forecast swings too far, the litres are halved until it fits. */
    public static function largestByAcidity(Forecast $forecast, SwingLimits $limits): float
    {
        $outlook = $forecast->outlook(Parameter::Acidity);
        $working = $outlook->afterWorking();
        $now = $outlook->now?->central();
        $allowed = $now === null ? null : $limits->allowed(Parameter::Acidity, $now);
        if ($working === null || $now === null || $allowed === null || abs((float) $outlook->swing()) <= $allowed) {
            return 1.0;
        }
        $low = Bisection::edge(
            0.0,
            $forecast->plan->drained,
            static fn(float $litres): bool => abs($working->at(['D' => $litres], 'pH') - $now) <= $allowed,
            8,
        );

        // The halving holds the constants of the first mixture; the true one may swing a little further.
        for ($i = 0; $i < 4; ++$i) {
            $swing = abs((float) Forecast::of($forecast->plan->withDrained($low))->outlook(Parameter::Acidity)->swing());
            if ($swing <= $allowed || $low <= 0.0) {
                break;
            }
            $low *= 0.98 * $allowed / $swing;
        }

        return $forecast->plan->withDrained($low)->share();
    }

    /** Least number of equal changes of at most $largest that together renew the share $needed of the water. */
    public static function changesFor(float $needed, float $largest): int
    {
        if ($needed <= $largest) {
            return 1;
        }
        if (!($largest > 0.0 && $needed < 1.0)) {
            throw WaterChangeFault::fraction($needed);
        }

        return self::rounds(log1p(-$needed) / log1p(-$largest));
    }

    /**
     * A number of changes, rounded up.
     *
     * @throws WaterChangeFault when it is more than anyone would do
     */
    public static function rounds(float $times): int
    {
        if (!($times <= self::MOST_CHANGES)) {
            throw WaterChangeFault::tooManySteps();
        }

        return max(1, (int) ceil($times - 1e-9));
    }

    /** Peak that nitrate settles at when a share is changed every so many days. */
    public static function routinePeak(ChangePlan $plan, float $share, int $days): ?Computation
    {
        $source = $plan->source->get(Parameter::Nitrate);
        $made = $plan->made[Parameter::Nitrate->value] ?? null;
        if ($made === null || $source === null || $share <= 0.0 || $days <= 0) {
            return null;
        }
        $unit = $plan->unit(Parameter::Nitrate);

        return SteadyState::addPeak(
            Computation::of('sizing.title_nitrate_this_routine_settles_at')
                ->given('g', 'sizing.nitrate_tank_makes_in_day', $unit->distributionFromBase($made), $unit->label)
                ->given('n', 'sizing.days_between_changes', (float) $days, 'd')
                ->given('f', 'sizing.share_changed', $share, '')
                ->given('source', Text::of('sizing.nitrate_in_name', name: $plan->source->name), $unit->distributionFromBase($source), $unit->label),
            $unit->label,
        );
    }
}
