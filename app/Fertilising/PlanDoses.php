<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\DosePlan;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Cresco\Core\Fertilising\DoseSteps;
use Cresco\Core\Fertilising\Fertiliser;

/** Puts doses in place of all that are planned at a tank, those that change much in steps of a week. */
final class PlanDoses
{
    /** @param list<array{feed: Fertiliser, each: float, every: int}> $doses */
    public function __invoke(Tank $tank, array $doses): void
    {
        $today = CarbonImmutable::now($tank->keeper->timezone)->startOfDay();
        $now = [];
        foreach ($tank->dosePlans()->get() as $plan) {
            if (
                $plan->starts_on->format('Y-m-d') <= $today->format('Y-m-d')
                && ($plan->ends_on === null || $plan->ends_on->format('Y-m-d') >= $today->format('Y-m-d'))
            ) {
                $now[$plan->product_id] = $plan;
            }
        }
        $tank->dosePlans()->delete();
        $last = null;
        foreach ($doses as $dose) {
            $before = $now[(int) $dose['feed']->key] ?? null;
            // What is given a day is what changes, be it more at a time or more often.
            $perDay = $before === null ? 0.0 : $before->amount / max(1, $before->every);
            // A pump whose tube gives less is set to more.
            $step = $dose['feed']->step;
            $goal = $before !== null && $before->by_doser && $before->delivers > 0.0
                ? max($step, round($dose['each'] / $before->delivers / $step) * $step)
                : $dose['each'];
            $steps = DoseSteps::towards($perDay * $dose['every'], round($goal, 9), $step);
            $days = max(DoseSteps::DAYS, $dose['every']);
            // A bottle that goes on as before has nothing to show.
            $last = abs($goal - $perDay * $dose['every']) < 0.5 * $step ? $last : max($last ?? 0, (count($steps) - 1) * $days);
            foreach ($steps as $i => $amount) {
                $isLast = $i === count($steps) - 1;
                $tank->dosePlans()->create([
                    'product_id' => (int) $dose['feed']->key, 'amount' => $amount, 'every' => $dose['every'],
                    'starts_on' => $today->addDays($i * $days)->format('Y-m-d'), 'ends_on' => $isLast
                        ? null
                        : $today->addDays(($i + 1) * $days - 1)->format('Y-m-d'),
                ] + self::pump($before));
            }
        }
        $tank->update(['doses_look_on' => $last === null ? null : $today->addDays($last + DoseSteps::WAITS)->format('Y-m-d')]);
    }

    /** @return array<string, mixed> the doser that gives it goes on giving it */
    private static function pump(?DosePlan $before): array
    {
        return $before === null ? [] : [
            'by_doser' => $before->by_doser, 'delivers' => $before->delivers, 'measured_on' => $before->measured_on
                ?->format('Y-m-d'), 'bottle' => $before->bottle, 'filled_on' => $before->filled_on?->format('Y-m-d'),
        ];
    }
}
