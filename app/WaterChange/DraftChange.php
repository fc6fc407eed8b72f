<?php

declare(strict_types=1);

namespace App\WaterChange;

use App\Models\SourceWaterKind;
use App\Models\Tank;
use App\Models\WaterChange;
use App\Tanks\SourceNutrientsQuery;
use App\Tanks\TankWaterQuery;
use App\Tanks\VesselQuery;
use App\Tanks\WatersQuery;
use App\Units\TimeDifference;
use Carbon\CarbonImmutable;
use Cresco\Core\Formula\Computation;
use Cresco\Core\Measure\NormalValue;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\CatchUp;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Urgency;
use Cresco\Core\State\Level;
use Cresco\Core\Tank\SwimmingDepth;
use Cresco\Core\Tank\Vessel;
use Cresco\Core\WaterChange\Allowance;
use Cresco\Core\WaterChange\ChangePlan;
use Cresco\Core\WaterChange\Forecast;
use Cresco\Core\WaterChange\NewWaterTemperature;
use Cresco\Core\WaterChange\Sizing;
use Cresco\Core\WaterChange\WaterChangeFault;

/** Works a change out: from a reason or an amount to litres, mark, forecast and limits. */
final class DraftChange
{
    /** Days by which the hour of a change may differ from that of the one before. House default. */
    private const HALF_A_DAY = 0.5;

    /** What a bucket or a mixer is off the temperature it is brought to, degC. House default. */
    private const STREAM_SPREAD = 0.5;

    /** @param TankWaterQuery|null $now when it was looked up with those of other tanks */
    public function __invoke(Tank $tank, ChangeInput $input, ?TankWaterQuery $now = null): ChangeDraft
    {
        $vessel = VesselQuery::tank($tank);
        $waters = WatersQuery::around($tank, array_values(array_filter([$input->first->id, $input->second?->id])), $now);
        $plan = $this->basePlan($tank, $input, $vessel, $waters);
        $limits = $tank->needs()->swingLimits();
        if (self::isNeglected($tank, $waters->now)) {
            $limits = $limits->ofNeglected();
        }
        if ($input->stream === null) {
            $plan = self::tempered($plan, NewWaterTemperature::of($plan, null, $limits->celsius));
        }
        $present = $vessel->litres() - $plan->evaporated;
        $needed = null;
        $impossible = null;
        $isUntested = false;
        try {
            [$aim, $needed] = $this->aim($tank, $input, $plan, $waters->now);
        } catch (WaterChangeFault $fault) {
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
        $warmth = NewWaterTemperature::of($plan, $input->landing, $limits->celsius);
        if ($input->stream === null) {
            $plan = self::tempered($plan, $warmth);
        }
        $forecast = Forecast::of($plan);
        $byAcidity = Sizing::largestByAcidity($forecast, $limits);
        if ($byAcidity < $allowed->share) {
            [$allowed, $depthLimits] = [new Allowance($byAcidity, Parameter::Acidity), false];
            if (!$isTyped) {
                $plan = $plan->withDrained($plan->litresForShare(min($aim, $allowed->share)));
                $warmth = NewWaterTemperature::of($plan, $input->landing, $limits->celsius);
                $forecast = Forecast::of($plan = $input->stream === null ? self::tempered($plan, $warmth) : $plan);
            }
        }
        $aim = $isTyped ? null : $aim;
        $series = match (true) {
            $aim === null || $aim <= $allowed->share + 1e-6 => 1,
            $allowed->share > 0.0 && $aim < 1.0 => Sizing::changesFor($aim, $allowed->share),
            default => 0,
        };

        return new ChangeDraft(
            $tank,
            $input,
            $plan,
            $forecast,
            VesselQuery::levels($tank),
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

    private static function isNeglected(Tank $tank, TankWaterQuery $now): bool
    {
        return $now->change !== null && CatchUp::isNeglected((int) TimeDifference::days($now->change->changed_at, CarbonImmutable::now()), $tank->routine_days);
    }

    /** A change within the days that these animals need between two; none where the water is an alarm, which does not wait. */
    private static function lately(Tank $tank, TankWaterQuery $now): ?WaterChange
    {
        if (
            $now->change === null
            || TimeDifference::days($now->change->changed_at, CarbonImmutable::now()) >= $tank->needs()->daysBetween() - self::HALF_A_DAY
        ) {
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

    /** The new water is brought to the temperature that the tank is to have of it. */
    private static function tempered(ChangePlan $plan, NewWaterTemperature $warmth): ChangePlan
    {
        return $plan->withSource($plan->source->with(Parameter::Temperature, new NormalValue($warmth->stream, self::STREAM_SPREAD), true));
    }

    private function basePlan(Tank $tank, ChangeInput $input, Vessel $vessel, WatersQuery $waters): ChangePlan
    {
        $state = $waters->tank();
        $source = $waters->blend($input->first, $input->second, $input->secondShare);
        // Nutrients are forecast where they are read in the tank.
        if (array_filter(Parameter::nutrients(), static fn(Parameter $nutrient): bool => $state->has($nutrient) && !$source->has($nutrient)) !== []) {
            $source = SourceNutrientsQuery::fill($source, $input->first, $input->second, $input->secondShare);
        }
        // What a tap holds of nitrate nobody need have tested for a first answer.
        $balance = Parameter::Nitrate->entry()->balance;
        if ($balance !== null && !$source->has(Parameter::Nitrate) && in_array(SourceWaterKind::Tap, [$input->first->kind, $input->second?->kind], true)) {
            $source = $source->withUsual(Parameter::Nitrate, new NormalValue($balance->source, $balance->sourceOff));
        }
        if ($input->stream !== null) {
            $source = $source->with(Parameter::Temperature, new NormalValue($input->stream, 0.3));
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
    private function aim(Tank $tank, ChangeInput $input, ChangePlan $plan, TankWaterQuery $now): array
    {
        $by = match ($input->reason) {
            ChangeReason::Nitrate => Parameter::Nitrate,
            ChangeReason::Conductivity => Parameter::Conductivity,
            default => null,
        };
        $source = $by === null ? null : $plan->source->get($by);
        if ($by !== null && ($now->isOpen($by) || ($source instanceof Level && $source->apart() !== null))) {
            throw WaterChangeFault::open($by);
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
        return $vessel->litresDrainedAt($vessel->rim - $vessel->bed->lowest() - SwimmingDepth::needed($tank->fish_height));
    }
}
