<?php

declare(strict_types=1);

namespace App\Change;

use App\Known\NutrientsOf;
use App\Known\TankWater;
use App\Known\VesselOf;
use App\Known\Waters;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Models\WaterKind;
use App\Units\Span;
use Carbon\CarbonImmutable;
use Cresco\Core\Change\Allowance;
use Cresco\Core\Change\ChangeFault;
use Cresco\Core\Change\ChangePlan;
use Cresco\Core\Change\Forecast;
use Cresco\Core\Change\Sizing;
use Cresco\Core\Change\Warmth;
use Cresco\Core\Measure\Normal;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\State\Level;
use Cresco\Core\Tank\StandingDepth;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\Working\Computation;

/** Works a change out: from a reason or an amount to litres, mark, forecast and limits. */
final class DraftChange
{
    /** Days by which the hour of a change may differ from that of the one before. House default. */
    private const HALF_A_DAY = 0.5;

    /** What a bucket or a mixer is off the warmth it is brought to, degC. House default. */
    private const STREAM_SPREAD = 0.5;

    /** @param TankWater|null $now when it was looked up with those of other tanks */
    public function __invoke(Tank $tank, ChangeInput $input, ?TankWater $now = null): Draft
    {
        $vessel = VesselOf::tank($tank);
        $waters = Waters::around($tank, array_values(array_filter([$input->first->id, $input->second?->id])), $now);
        $plan = $this->basePlan($tank, $input, $vessel, $waters);
        $limits = $tank->needs()->swingLimits();
        if (self::isNeglected($tank, $waters->now)) {
            $limits = $limits->ofNeglected();
        }
        if ($input->stream === null) {
            $plan = self::tempered($plan, Warmth::of($plan, null, $limits->celsius));
        }
        $present = $vessel->litres() - $plan->evaporated;
        $needed = null;
        $impossible = null;
        $isUntested = false;
        try {
            [$aim, $needed] = $this->aim($tank, $input, $plan, $waters->now);
        } catch (ChangeFault $fault) {
            $impossible = say($fault);
            $isUntested = $fault->isForWantOfATest;
            $aim = $tank->routine_share;
        }

        $lately = self::lately($tank, $waters->now);
        $allowed = self::beside($lately, Sizing::largestByMixing($plan, $limits));
        $depthLitres = $this->litresAboveStandingDepth($tank, $vessel) - $plan->evaporated;
        $depthShare = $plan->withDrained(max(0.0, min($present, $depthLitres)))->share();
        $depthLimits = $depthShare < $allowed->share;
        if ($depthLimits) {
            $allowed = new Allowance($depthShare);
        }
        $isTyped = $input->reason === ChangeReason::Amount && $input->amount !== null;
        $plan = $plan->withDrained(min($present, $isTyped
            ? $this->litresTyped($tank, $input, $vessel, $plan)
            : $plan->litresForShare(min(1.0, $aim, $allowed->share))));
        $warmth = Warmth::of($plan, $input->landing, $limits->celsius);
        if ($input->stream === null) {
            $plan = self::tempered($plan, $warmth);
        }
        $forecast = Forecast::of($plan);
        $byAcidity = Sizing::largestByAcidity($forecast, $limits);
        if ($byAcidity < $allowed->share) {
            [$allowed, $depthLimits] = [new Allowance($byAcidity, Parameter::Acidity), false];
            if (!$isTyped) {
                $plan = $plan->withDrained($plan->litresForShare(min($aim, $allowed->share)));
                $warmth = Warmth::of($plan, $input->landing, $limits->celsius);
                $forecast = Forecast::of($plan = $input->stream === null ? self::tempered($plan, $warmth) : $plan);
            }
        }
        $aim = $isTyped ? null : $aim;
        $series = match (true) {
            $aim === null || $aim <= $allowed->share + 1e-6 => 1,
            $allowed->share > 0.0 && $aim < 1.0 => Sizing::changesFor($aim, $allowed->share),
            default => 0,
        };

        return new Draft(
            $tank,
            $input,
            $plan,
            $forecast,
            VesselOf::levels($tank),
            $vessel->markFor($plan->drained + $plan->evaporated),
            $needed,
            $aim,
            $allowed,
            $depthLimits,
            $lately,
            $impossible,
            $isUntested,
            $series,
            $waters,
            $warmth,
        );
    }

    private static function isNeglected(Tank $tank, TankWater $now): bool
    {
        return $now->change !== null && CatchUp::isNeglected((int) Span::days($now->change->changed_at, CarbonImmutable::now()), $tank->routine_days);
    }

    /** A change within the days that these animals need between two; none where the water is an alarm, which does not wait. */
    private static function lately(Tank $tank, TankWater $now): ?WaterChange
    {
        if ($now->change === null || Span::days($now->change->changed_at, CarbonImmutable::now()) >= $tank->needs()->daysBetween() - self::HALF_A_DAY) {
            return null;
        }
        $isAlarm = array_filter($now->concerns(), static fn(Concern $concern): bool => $concern->urgency === Urgency::Alarm) !== [];

        return $isAlarm ? null : $now->change;
    }

    /** What one change may bring once another has just been made: both together count as one. */
    private static function beside(?WaterChange $lately, Allowance $allowed): Allowance
    {
        return $lately === null || $allowed->share >= 1.0 ? $allowed
            : new Allowance(max(0.0, 1.0 - (1.0 - $allowed->share) / max(1e-6, 1.0 - $lately->share)), $allowed->by, $allowed->unread);
    }

    /** The new water is brought to the warmth that the tank is to have of it. */
    private static function tempered(ChangePlan $plan, Warmth $warmth): ChangePlan
    {
        return $plan->withSource($plan->source->with(Parameter::Temperature, new Normal($warmth->stream, self::STREAM_SPREAD), true));
    }

    private function basePlan(Tank $tank, ChangeInput $input, Vessel $vessel, Waters $waters): ChangePlan
    {
        $state = $waters->tank();
        $source = $waters->blend($input->first, $input->second, $input->secondShare);
        // Nutrients are forecast where they are read in the tank.
        if (array_filter(Parameter::nutrients(), static fn(Parameter $nutrient): bool => $state->has($nutrient) && !$source->has($nutrient)) !== []) {
            $source = NutrientsOf::fill($source, $input->first, $input->second, $input->secondShare);
        }
        // What a tap holds of nitrate nobody need have tested for a first answer.
        $balance = Parameter::Nitrate->entry()->balance;
        if ($balance !== null && !$source->has(Parameter::Nitrate) && in_array(WaterKind::Tap, [$input->first->kind, $input->second?->kind], true)) {
            $source = $source->withUsual(Parameter::Nitrate, new Normal($balance->source, $balance->sourceOff));
        }
        if ($input->stream !== null) {
            $source = $source->with(Parameter::Temperature, new Normal($input->stream, 0.3));
        }

        return new ChangePlan(
            $vessel,
            $state,
            $source,
            0.0,
            $input->drains,
            max(0.0, $vessel->litresDrainedAt($input->waterline)),
            $tank->ph_set_point,
            $tank->warmth,
            $waters->now->makes(),
            $tank->keeper->show()->units(),
            $input->inflow,
        );
    }

    /** @return array{float, Computation|null} the share aimed at, and how it follows from the readings */
    private function aim(Tank $tank, ChangeInput $input, ChangePlan $plan, TankWater $now): array
    {
        $by = match ($input->reason) {
            ChangeReason::Nitrate => Parameter::Nitrate,
            ChangeReason::Conductivity => Parameter::Conductivity,
            default => null,
        };
        $source = $by === null ? null : $plan->source->get($by);
        if ($by !== null && ($now->isOpen($by) || ($source instanceof Level && $source->apart() !== null))) {
            throw ChangeFault::open($by);
        }
        $needed = match ($input->reason) {
            ChangeReason::Nitrate => Sizing::forGoal($plan, Parameter::Nitrate, $input->nitrateGoal),
            ChangeReason::Conductivity => $input->conductivityGoal === null ? null : Sizing::forGoal($plan, Parameter::Conductivity, $input->conductivityGoal),
            default => null,
        };

        return match (true) {
            $needed === null && $input->reason === ChangeReason::Treatment => [$input->treatmentOut, null],
            $needed === null => [$tank->routine_share, null],
            // Nitrate is to be under its goal in nine of ten cases; conductivity is to land on it.
            $input->reason === ChangeReason::Nitrate => [$this->shareOf($plan, $needed->estimate()->quantile(0.9)), $needed],
            default => [$this->shareOf($plan, $needed->estimate()->central()), $needed],
        };
    }

    private function shareOf(ChangePlan $plan, float $litres): float
    {
        return $plan->withDrained(max(0.0, min($plan->vessel->litres() - $plan->evaporated, $litres)))->share();
    }

    private function litresTyped(Tank $tank, ChangeInput $input, Vessel $vessel, ChangePlan $plan): float
    {
        $amount = (float) $input->amount;

        return max(0.0, match ($input->way) {
            AmountField::Litres => $amount,
            AmountField::Percent => $plan->litresForShare(min(1.0, $amount)),
            AmountField::Mark => $vessel->litresDrainedAt($amount) - $plan->evaporated,
            AmountField::Buckets => $amount * $tank->keeper->bucket_litres,
        });
    }

    private function litresAboveStandingDepth(Tank $tank, Vessel $vessel): float
    {
        return $vessel->litresDrainedAt($vessel->rim - $vessel->bed->lowest() - StandingDepth::needed($tank->fish_height));
    }
}
